import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { changes, useRole } from "../shell/role";
import { NoteOfTwo } from "./NoteOfTwo";
import type { Selection } from "./useSelection";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  selection: Selection;
}

/** The pair notes of the class, and which of them hold on the bench as it is; two who are selected get a new one here. */
export function RulesCard({ bench, selection }: Props) {
  const { projector, classId } = useFocus();
  const mayChange = changes(useRole(classId));
  const rules = bench.rules ?? [];
  const [one, other, ...more] = bench.students.filter((each) => selection.has(each.id));
  if (projector || (rules.length === 0 && !mayChange)) {
    return null;
  }
  const names = new Map(bench.students.map((each) => [each.id, each.givenName]));
  return (
    <Card component="section" aria-label={words.rules} sx={{ p: 1.25, fontSize: 12.5 }}>
      <Box component="h2" sx={{ fontSize: 14 }}>
        {words.rules}
      </Box>
      {rules.map((rule) => (
        <Box
          key={rule.kind + rule.students.join()}
          sx={{ color: rule.met === false ? "var(--z-clayText)" : "var(--z-soft)" }}
        >
          {words.rule[rule.kind]({ names: rule.students.map((id) => names.get(id) ?? "") })}{" "}
          <Standing met={rule.met} />
        </Box>
      ))}
      {mayChange && one && other && more.length === 0 && (
        <NoteOfTwo key={`${one.id}-${other.id}`} one={one} other={other} />
      )}
      {mayChange && rules.length === 0 && !other && (
        <Box className="no-print" sx={{ color: "var(--z-soft)" }}>
          {words.ofTwo.how}
        </Box>
      )}
    </Card>
  );
}

function Standing({ met }: { met: boolean | undefined }) {
  if (met === undefined) {
    return <>· {words.notYetMet}</>;
  }
  return (
    <span role="img" aria-label={met ? words.met : words.unmet}>
      {met ? "✓" : "✗"}
    </span>
  );
}
