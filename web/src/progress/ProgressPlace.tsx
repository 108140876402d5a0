import Box from "@mui/material/Box";
import { lazy, Suspense } from "react";
import { useParams } from "react-router";
import { Waiting } from "../shell/Waiting";
import { ProgressHead } from "./ProgressHead";

const GridPart = lazy(() => import("./grid/GridPart"));
const LowPart = lazy(() => import("./low/LowPart"));
const ToMarkPart = lazy(() => import("./marking/ToMarkPart"));
const GrowthPart = lazy(() => import("./growth/GrowthPart"));
const MarksPart = lazy(() => import("./marks/MarksPart"));
const ReportsPart = lazy(() => import("./reports/ReportsPart"));

const parts = {
  grid: GridPart,
  low: LowPart,
  "to-mark": ToMarkPart,
  growth: GrowthPart,
  marks: MarksPart,
  reports: ReportsPart,
};

/** How it goes: the grid, low results, what is to mark, growth, marks, reports. */
export default function ProgressPlace() {
  const { part = "grid" } = useParams();
  const Part = parts[part as keyof typeof parts] ?? GridPart;
  return (
    <Box sx={{ display: "flex", flexDirection: "column", minHeight: 0, height: "100%" }}>
      <ProgressHead part={part} />
      <Suspense fallback={<Waiting />}>
        <Part />
      </Suspense>
    </Box>
  );
}
