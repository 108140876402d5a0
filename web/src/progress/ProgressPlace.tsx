import Box from "@mui/material/Box";
import { Suspense } from "react";
import { useParams } from "react-router";
import { place } from "../languages/place";
import { Waiting } from "../shell/Waiting";
import { ProgressHead } from "./ProgressHead";

const GridPart = place(() => import("./grid/GridPart"));
const LowPart = place(() => import("./low/LowPart"));
const ToMarkPart = place(() => import("./marking/ToMarkPart"));
const GrowthPart = place(() => import("./growth/GrowthPart"));
const MarksPart = place(() => import("./marks/MarksPart"));
const ReportsPart = place(() => import("./reports/ReportsPart"));

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
