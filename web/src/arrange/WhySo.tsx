import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { measuresQuery } from "../api/queries";
import { listed } from "../languages/words";
import { useFocus } from "../shell/focus";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  asked: Schemas["ProposalAsked"];
}

/** As the groups stand, the weakest value of each first. */
function inOrder(reasons: readonly Schemas["StudentWhy"][]) {
  return [...reasons].sort((a, b) => a.group - b.group || (a.value ?? 0) - (b.value ?? 0));
}

/** On asking: what each rule costs, and why each student is where they are. */
export function WhySo({ bench, asked }: Props) {
  const { projector } = useFocus();
  const [open, setOpen] = useState(false);
  const path = { params: { path: { arrangementId: bench.id } } };
  const reasons = useQuery({
    queryKey: ["bench", bench.id, "reasons", asked],
    queryFn: () =>
      data<Schemas["Reasons"]>(
        api.POST("/api/arrangements/{arrangementId}/proposal/reasons", { ...path, body: asked }),
      ),
    enabled: open,
  }).data;
  if (projector) {
    return null;
  }
  const names = new Map(bench.students.map((each) => [each.id, each.givenName]));
  return (
    <Box>
      <Button variant="text" aria-expanded={open} onClick={() => setOpen(!open)}>
        {words.why.title}
      </Button>
      {open && reasons && (
        <Box
          component="section"
          aria-label={words.why.title}
          sx={{ display: "grid", gap: 1, fontSize: 12.5 }}
        >
          {reasons.rules.map((rule) => (
            <Box key={rule.kind + rule.students.join()}>
              {words.why.rule(rule, listed(rule.students.map((id) => names.get(id) ?? "")), asked.method)}
            </Box>
          ))}
          <GroupMeans means={reasons.means} />
          {reasons.means.length > 0 && <Box>{words.why.nextBest(asked.method)}</Box>}
          <Box component="ul" sx={{ columns: { sm: 2 }, m: 0, pl: 2 }}>
            {inOrder(reasons.students).map((why) => (
              <li key={why.id}>
                <b>{names.get(why.id)}</b> {words.why.student(why, bench.measure.decimals)}
                {why.value === undefined &&
                  why.next !== undefined &&
                  words.why.otherwise(why, names.get(why.inExchange ?? 0))}
              </li>
            ))}
          </Box>
        </Box>
      )}
    </Box>
  );
}

/** How alike the groups came out: the mean of each measure in each of them. */
function GroupMeans({ means }: { means: Schemas["GroupMean"][] }) {
  const measures = useQuery(measuresQuery).data ?? [];
  const groups = [...new Set(means.map((each) => each.group))];
  const columns = measures.filter((each) => means.some((mean) => mean.measureId === each.id));
  if (groups.length === 0) {
    return null;
  }
  return (
    <Box
      component="table"
      sx={{ borderSpacing: 0, width: "fit-content", "& th, & td": { pr: 3, textAlign: "left" } }}
    >
      <tbody>
        {groups.map((group) => (
          <tr key={group}>
            <th scope="row">{words.why.group({ place: group + 1 })}</th>
            {columns.map((column) => {
              const found = means.find((each) => each.group === group && each.measureId === column.id);
              return (
                <td key={column.id}>
                  {column.name} {found && words.why.mean(found.mean)}
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
