import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { ofThePage } from "../../api/ofThePage";
import { lowResultsQuery, progressQuery } from "../../api/progressQueries";
import { Card } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { Waiting } from "../../shell/Waiting";
import { TryAgainDialog } from "../grid/TryAgainDialog";
import { TryDialog } from "../trying/TryDialog";
import { words } from "./words";

type Low = Schemas["LowResult"];

/** Results under the bar, by task, with all tries; another try for one or for all. */
export default function LowPart() {
  const { classId, arrangement, includes } = useFocus();
  const low = useQuery({ ...lowResultsQuery(classId), meta: ofThePage }).data;
  const mayChange = useQuery(progressQuery(classId, arrangement?.id)).data?.mayChange ?? false;
  const [trying, setTrying] = useState<Low[] | null>(null);
  const [open, setOpen] = useState<number | null>(null);
  if (!low) {
    return <Waiting />;
  }
  const results = low.results.filter((each) => includes(each.studentId));
  const tasks = [...new Set(results.map((each) => each.taskId))];
  return (
    <Box role="region" aria-label={words.label} tabIndex={0} sx={{ overflow: "auto", flex: 1, minHeight: 0 }}>
      <Box sx={{ pb: 1, color: "var(--z-soft)" }}>
        {results.length === 0
          ? words.none({ percent: low.lowPercent })
          : words.about({ percent: low.lowPercent, count: results.length })}
      </Box>
      {tasks.map((taskId) => {
        const ofTask = results.filter((each) => each.taskId === taskId);
        const left = ofTask.filter((each) => !each.askedAgain);
        return (
          <Card key={taskId} component="section" sx={{ p: 2, mb: 1.5 }}>
            <Box sx={{ display: "flex", alignItems: "center", gap: 1, mb: 0.5 }}>
              <Box component="h2" sx={{ fontSize: 16, flex: 1 }}>
                {ofTask[0]?.taskName}
              </Box>
              {mayChange && left.length > 1 && (
                <Button onClick={() => setTrying(left)}>{words.all({ count: left.length })}</Button>
              )}
            </Box>
            {ofTask.map((each) => (
              <Row
                key={each.studentId}
                low={each}
                onRead={setOpen}
                onTry={mayChange ? () => setTrying([each]) : undefined}
              />
            ))}
          </Card>
        );
      })}
      {trying && (
        <TryAgainDialog
          cells={trying.map(({ taskId, studentId }) => ({ taskId, studentId }))}
          onClose={() => setTrying(null)}
        />
      )}
      {open !== null && <TryDialog tryId={open} onClose={() => setOpen(null)} />}
    </Box>
  );
}

interface RowProps {
  low: Low;
  onRead: (tryId: number) => void;
  onTry?: () => void;
}

function Row({ low, onRead, onTry }: RowProps) {
  const name = `${low.givenName} ${low.familyName}`;
  const last = low.tries[low.tries.length - 1];
  return (
    <Box
      sx={{ display: "flex", alignItems: "center", gap: 1.5, py: 0.5, borderTop: "1px solid var(--z-line)" }}
    >
      <Box sx={{ width: 200 }}>{name}</Box>
      <Box sx={{ flex: 1 }}>{words.tries(low.tries)}</Box>
      {low.askedAgain && <Box sx={{ color: "var(--z-sea)" }}>{words.askedAgain}</Box>}
      {last && (
        <Button
          size="small"
          aria-label={words.readOf({ name, task: low.taskName })}
          onClick={() => onRead(last.id)}
        >
          {words.read}
        </Button>
      )}
      {!low.askedAgain && onTry && (
        <Button size="small" aria-label={words.againFor({ name, task: low.taskName })} onClick={onTry}>
          {words.again}
        </Button>
      )}
    </Box>
  );
}
