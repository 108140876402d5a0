import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { lacksSomething, MethodFields } from "./MethodFields";
import { WhySo } from "./WhySo";
import { words } from "./words";

type Asked = Schemas["ProposalAsked"];

/** Methods of which more can be said than what they are called. */
const explained = new Set<Asked["method"]>([
  "SIMILAR",
  "BANDS",
  "SAME_SIZE",
  "COMPOSITE",
  "PROFILES",
  "MIXED",
  "CHOICES",
]);

/** Methods that come out otherwise when drawn again. */
const draws = new Set<Asked["method"]>(["RANDOM", "MIXED", "PROFILES"]);

interface Props {
  bench: Schemas["BenchView"];
  /** The number of groups to begin with. */
  groups: number;
  onTake: (asked: Asked) => void;
  onClose: () => void;
}

/** Chooses how to start and shows what would come of it, before it is taken. */
export function StartAgain({ bench, groups, onTake, onClose }: Props) {
  const [asked, setAsked] = useState<Asked>({
    method: "SIMILAR",
    measureId: bench.measure.id,
    groups,
    smallest: bench.smallest,
    largest: bench.largest,
  });
  const waits = lacksSomething(asked);
  const path = { params: { path: { arrangementId: bench.id } } };
  const proposal = useQuery({
    queryKey: ["bench", bench.id, "proposal", asked],
    queryFn: () =>
      data<Schemas["Proposed"]>(
        api.POST("/api/arrangements/{arrangementId}/proposal", { ...path, body: asked }),
      ),
    placeholderData: (before) => before,
    // What was worked out before a rule was added or a score came in must not be taken.
    staleTime: 0,
    enabled: !waits,
    throwOnError: false,
  });
  const settled = !proposal.isFetching && !proposal.isPlaceholderData;
  const possible = !waits && settled && proposal.data?.groups !== undefined && !proposal.error;
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth aria-labelledby="start-title">
      <DialogTitle id="start-title">
        {bench.groups.length > 0 ? words.start.title : words.start.first}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <MethodFields bench={bench} asked={asked} onChange={setAsked} />
        {waits ? null : proposal.error || proposal.data?.impossible ? (
          <Box
            role="alert"
            sx={{ bgcolor: "var(--z-saffronWash)", color: "var(--z-saffron)", p: 1.5, borderRadius: "8px" }}
          >
            {proposal.error?.message ?? proposal.data?.impossible}
          </Box>
        ) : (
          proposal.data && (
            <>
              <Preview bench={bench} proposed={proposal.data} byHand={asked.method === "BY_HAND"} />
              {explained.has(asked.method) && <WhySo bench={bench} asked={asked} />}
            </>
          )
        )}
      </DialogContent>
      <DialogActions>
        {draws.has(asked.method) && (
          <Button onClick={() => setAsked({ ...asked, seed: (asked.seed ?? 0) + 1 })}>
            {words.start.again}
          </Button>
        )}
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button
          variant="contained"
          disabled={!possible}
          onClick={() => onTake({ ...asked, fingerprint: proposal.data?.fingerprint })}
        >
          {words.start.take}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Preview({
  bench,
  proposed,
  byHand,
}: {
  bench: Schemas["BenchView"];
  proposed: Schemas["Proposed"];
  byHand: boolean;
}) {
  const names = new Map(bench.students.map((each) => [each.id, each.givenName]));
  return (
    <Box component="section" aria-label={words.start.preview}>
      <Box component="h3">
        {words.start.preview}{" "}
        <Box component="span" sx={{ fontWeight: 400, color: "var(--z-soft)" }}>
          {byHand ? words.start.emptyGroups : proposed.fit !== undefined && words.start.fit(proposed.fit)}
        </Box>
      </Box>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: "repeat(auto-fill, minmax(150px, 1fr))",
          gap: 1.25,
          mt: 1,
        }}
      >
        {proposed.groups?.map((group, i) => (
          <Box key={i} sx={{ border: "1px solid var(--z-line)", borderRadius: "8px", p: 1 }}>
            <b>{proposed.names[i] ?? words.start.members({ count: group.length })}</b>
            {proposed.names[i] && <Box>{words.start.members({ count: group.length })}</Box>}
            <Box sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>
              {group.map((id) => names.get(id)).join(", ")}
            </Box>
          </Box>
        ))}
      </Box>
      {proposed.granted.length > 0 && <Box sx={{ mt: 1 }}>{words.start.granted(proposed.granted)}</Box>}
      {proposed.leftOut.length > 0 && (
        <Box sx={{ mt: 1, color: "var(--z-soft)" }}>
          {words.start.leftOut({ names: proposed.leftOut.map((id) => names.get(id)).join(", ") })}
        </Box>
      )}
    </Box>
  );
}
