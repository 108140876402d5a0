import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useSearchParams } from "react-router";
import { progressQuery, reportQuery } from "../../api/progressQueries";
import { useFocus } from "../../shell/focus";
import { NotPrinted } from "../../shell/NotPrinted";
import { Problem } from "../../shell/Problem";
import { Waiting } from "../../shell/Waiting";
import { ReportForm } from "./ReportForm";
import { SheetView } from "./SheetView";
import { pdfOf, type ReportWish } from "./wish";
import { words } from "./words";

/** What is printed: letters to families, reports of groups, certificates, one's own week; as it will be on paper. */
export default function ReportsPart() {
  const { classId, arrangement, group, includes } = useFocus();
  // From the grid one comes with students, to write to their families.
  const asked = useSearchParams()[0].getAll("student").map(Number);
  const [chosen, setChosen] = useState<ReportWish>({
    kind: "FAMILY_LETTER",
    students: asked.length > 0 ? asked : undefined,
  });
  const groupId = typeof group === "number" ? group : undefined;
  const wish = { ...chosen, groupId, arrangementId: arrangement?.id };
  const { data: shown, error } = useQuery(reportQuery(classId, wish));
  const grid = useQuery(progressQuery(classId, arrangement?.id)).data;
  const students = (grid?.groups ?? [])
    .flatMap((each) => each.students)
    .filter((each) => includes(each.id))
    .sort((a, b) => a.givenName.localeCompare(b.givenName));
  const none = shown?.sheets.length === 0;
  return (
    <Box
      sx={{
        display: "flex",
        gap: 1.5,
        flex: 1,
        minHeight: 0,
        "@media print": { display: "block" },
      }}
    >
      <ReportForm wish={chosen} onWish={setChosen} shown={shown} students={students} />
      <Box
        role="region"
        aria-label={words.label}
        tabIndex={0}
        sx={{ flex: 1, minWidth: 0, overflow: "auto", "@media print": { overflow: "visible" } }}
      >
        <Box
          className="no-print"
          sx={{ display: "flex", alignItems: "center", gap: 1, pb: 1, maxWidth: 760 }}
        >
          <Box role="status" sx={{ flex: 1, color: "var(--z-soft)" }}>
            {shown && (none ? words.none : words.sheets({ count: shown.sheets.length }))}
          </Box>
          <Button href={pdfOf(classId, wish)} target="_blank" rel="noreferrer" disabled={none}>
            {words.pdf}
          </Button>
          <Button variant="contained" disabled={none} onClick={() => window.print()}>
            {words.print}
          </Button>
        </Box>
        <NotPrinted classId={classId} />
        <Problem error={error} />
        {!shown && !error && <Waiting />}
        {shown?.sheets.map((sheet, i) => (
          <SheetView key={i} sheet={sheet} />
        ))}
      </Box>
    </Box>
  );
}
