import Box from "@mui/material/Box";
import { Card } from "../shell/Card";
import type { TaskView } from "./taskEdit";
import { timeReason, words } from "./words";

/** What the rules add for single students, and why. */
export function OnTop({ task }: { task: TaskView }) {
  const eased = task.students.filter(
    ({ terms }) =>
      terms && (terms.reason === "EXTENDED" || terms.reason === "UNTIMED" || terms.extraDays > 0),
  );
  return (
    <Card component="section" aria-label={words.onTop} sx={{ p: 1.5 }}>
      <Box component="h2" sx={{ fontSize: 14, display: "inline" }}>
        {words.onTop}
      </Box>{" "}
      <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
        {words.onTopAbout}
      </Box>
      <Box
        sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(260px, 1fr))", gap: 1, mt: 1 }}
      >
        {eased.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.noNeeds}</Box>}
        {eased.map(({ id, givenName, terms }) => (
          <Box key={id}>
            {givenName}{" "}
            <b>
              {terms?.reason === "UNTIMED"
                ? words.untimed
                : terms?.minutes !== undefined && words.minutes(terms.minutes)}
            </b>{" "}
            <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
              {terms && timeReason(terms)}
              {terms && terms.extraDays > 0 && terms.due && `, ${words.dueMoved(terms.due)}`}
            </Box>
          </Box>
        ))}
      </Box>
    </Card>
  );
}
