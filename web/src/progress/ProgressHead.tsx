import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import { lowResultsQuery, progressQuery } from "../api/progressQueries";
import { PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { useLedGroupsAlone } from "../shell/role";
import { ExportMenu } from "./ExportMenu";
import { words } from "./words";

const ofLedGroups = ["grid", "to-mark"];

/** The parts of the place, with how much waits in each. */
export function ProgressHead({ part }: { part: string }) {
  const { classId, arrangement } = useFocus();
  const grid = useQuery(progressQuery(classId, arrangement?.id)).data;
  const led = useLedGroupsAlone(classId);
  const low = useQuery({ ...lowResultsQuery(classId), enabled: led === false }).data;
  const counts: Record<string, number | undefined> = {
    low: low?.results.filter((each) => !each.askedAgain).length,
    "to-mark": grid?.tasks.reduce((sum, task) => sum + task.toMark, 0),
  };
  return (
    <PlaceHead
      title={words.title}
      between={
        <Box component="nav" aria-label={words.parts} className="no-print" sx={{ display: "flex", gap: 0.5 }}>
          {Object.entries(words.part)
            .filter(([to]) => !led || ofLedGroups.includes(to))
            .map(([to, name]) => (
              <ButtonBase
                key={to}
                component={Link}
                to={`/classes/${classId}/progress${to === "grid" ? "" : `/${to}`}`}
                aria-current={part === to ? "page" : undefined}
                sx={{
                  font: "inherit",
                  fontWeight: 700,
                  color: "var(--z-aubergine)",
                  px: 1.75,
                  height: 30,
                  borderRadius: 99,
                  border: "1px solid transparent",
                  gap: 0.75,
                  "&[aria-current]": {
                    bgcolor: "var(--z-card)",
                    borderColor: "var(--z-line)",
                    color: "var(--z-ink)",
                  },
                }}
              >
                {name}
                {(counts[to] ?? 0) > 0 && (
                  <Box component="span" sx={{ color: to === "low" ? "var(--z-clayText)" : "inherit" }}>
                    {counts[to]}
                  </Box>
                )}
              </ButtonBase>
            ))}
        </Box>
      }
    >
      {!led && <ExportMenu />}
    </PlaceHead>
  );
}
