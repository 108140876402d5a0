import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { words } from "./words";

/** The pair notes of the class, and which of them hold on the bench as it is. */
export function RulesCard({ bench }: { bench: Schemas["BenchView"] }) {
  const { projector } = useFocus();
  if (projector || !bench.rules || bench.rules.length === 0) {
    return null;
  }
  const names = new Map(bench.students.map((each) => [each.id, each.givenName]));
  return (
    <Card component="section" aria-label={words.rules} sx={{ p: 1.25, fontSize: 12.5 }}>
      <Box component="h2" sx={{ fontSize: 14 }}>
        {words.rules}
      </Box>
      {bench.rules.map((rule) => (
        <Box
          key={rule.kind + rule.students.join()}
          sx={{ color: rule.met ? "var(--z-soft)" : "var(--z-clayText)" }}
        >
          {words.rule[rule.kind](rule.students.map((id) => names.get(id)).join(" and "))}{" "}
          <span role="img" aria-label={rule.met ? words.met : words.unmet}>
            {rule.met ? "✓" : "✗"}
          </span>
        </Box>
      ))}
    </Card>
  );
}
