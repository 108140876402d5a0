import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { benchHistoryQuery, classesQuery } from "../api/queries";
import { dayAndTimeInZone } from "../shell/dates";
import { Waiting } from "../shell/Waiting";
import type { Command } from "./useBenchStep";
import { words } from "./words";

const SHOWN = 6;

interface Props {
  bench: Schemas["BenchView"];
  onCommand: (command: Command, said?: string) => void;
  onCompare: (step: number) => void;
  onClose: () => void;
}

/** Every step with who and when; any of them can be compared with, or returned to. */
export function HistoryDialog({ bench, onCommand, onCompare, onClose }: Props) {
  const steps = useQuery({ ...benchHistoryQuery(bench.id), staleTime: 0 }).data;
  const zone = useQuery(classesQuery).data?.zone ?? "UTC";
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="history-title">
      <DialogTitle id="history-title">{words.history.title}</DialogTitle>
      <DialogContent>
        {!steps && <Waiting />}
        {steps?.length === 0 && words.history.none}
        <Box component="ol" sx={{ listStyle: "none", m: 0, p: 0 }}>
          {steps?.map((step, i) => (
            <Box
              component="li"
              key={step.id}
              sx={{
                display: "grid",
                gridTemplateColumns: "130px 1fr auto",
                gap: 1.5,
                py: 0.75,
                borderTop: i > 0 ? "1px solid var(--z-line)" : 0,
                alignItems: "start",
              }}
            >
              <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
                {dayAndTimeInZone(step.at, zone)}
                <Box>{step.by}</Box>
              </Box>
              <Box>
                <b>{words.history.kinds[step.kind]}</b>
                {step.undone && <Box component="span"> · {words.history.undone}</Box>}
                <Moved step={step} />
              </Box>
              {i > 0 && !step.undone && (
                <Box sx={{ display: "flex", gap: 0.5 }}>
                  <Button size="small" onClick={() => onCompare(step.id)}>
                    {words.history.compare}
                  </Button>
                  <Button
                    size="small"
                    onClick={() => {
                      onClose();
                      onCommand({ kind: "RETURN_TO", stepId: step.id }, words.history.returned);
                    }}
                  >
                    {words.history.returnTo}
                  </Button>
                </Box>
              )}
            </Box>
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.history.close}</Button>
      </DialogActions>
    </Dialog>
  );
}

function Moved({ step }: { step: Schemas["HistoryStep"] }) {
  const more = step.moved.length - SHOWN;
  return (
    <Box sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>
      {step.moved.slice(0, SHOWN).map(words.history.moved).join("; ")}
      {more > 0 && ` ${words.history.andMore({ count: more })}`}
    </Box>
  );
}
