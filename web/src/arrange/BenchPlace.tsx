import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { benchQuery, classesQuery } from "../api/queries";
import { PlaceHead } from "../shell/Card";
import { day, timeInZone } from "../shell/dates";
import { useFocus } from "../shell/focus";
import { type KeyHint, noKeys, useShowKeys } from "../shell/keyHints";
import { useNotice } from "../shell/Notice";
import { useMayChange } from "../shell/role";
import { Waiting } from "../shell/Waiting";
import { BenchMenu } from "./BenchMenu";
import { CompareButton, CompareStrip } from "./CompareStrip";
import { Dragging } from "./Dragging";
import { ClashDialog, EffectsDialog } from "./EffectsDialog";
import { FitCurve } from "./FitCurve";
import { ScoreLine } from "./ScoreLine";
import { StartAgain } from "./StartAgain";
import { useBenchKeys } from "./useBenchKeys";
import { type Command, useBenchStep } from "./useBenchStep";
import { type Comparison, useComparison } from "./useComparison";
import { useSelection } from "./useSelection";
import { words } from "./words";

const keys = (): readonly KeyHint[] => [
  [["1–9"], words.keys.place],
  [["[", "]"], words.keys.move],
  [["L"], words.keys.lock],
  [["M"], words.keys.merge],
  [["Z"], words.keys.undo],
];

export default function BenchPlace() {
  const arrangementId = Number(useParams().arrangementId);
  const bench = useQuery(benchQuery(arrangementId)).data;
  const focus = useFocus();
  const chooseArrangement = focus.chooseArrangement;
  useEffect(() => chooseArrangement(arrangementId), [chooseArrangement, arrangementId]);
  useShowKeys(useMayChange() ? keys : noKeys);
  return bench ? <Bench key={bench.id} bench={bench} /> : <Waiting />;
}

function Bench({ bench }: { bench: Schemas["BenchView"] }) {
  const [search, setSearch] = useSearchParams();
  const [starting, setStarting] = useState<number | null>(
    search.has("start") ? (bench.suggestedGroups ?? 3) : null,
  );
  const step = useBenchStep(bench.id);
  const tell = useNotice();
  const inOrder = useMemo(() => studentsInOrder(bench), [bench]);
  const selection = useSelection(inOrder);
  const comparison = useComparison(bench);
  const take = step.take;
  const onCommand = useCallback(
    (command: Command, said?: string) =>
      take(command, () => said && tell(said, () => take({ kind: "UNDO" }))),
    [take, tell],
  );
  useBenchKeys({ bench: useMayChange() ? bench : undefined, selection, onCommand });
  const close = () => {
    setStarting(null);
    setSearch({}, { replace: true });
  };
  return (
    <>
      <BenchHead
        bench={bench}
        comparison={comparison}
        onCommand={onCommand}
        onStart={() => setStarting(bench.suggestedGroups ?? bench.groups.length)}
      />
      <Remarks details={bench.details} />
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, mb: 1.25 }}>
        <ScoreLine
          bench={bench}
          selection={selection}
          onCut={(cut, value) =>
            onCommand(
              { kind: "MOVE_CUT", groupId: cut.lowerGroupId, otherGroupId: cut.upperGroupId, cut: value },
              words.says.cut,
            )
          }
        />
        <FitCurve bench={bench} onChoose={setStarting} />
      </Box>
      <CompareStrip bench={bench} comparison={comparison} />
      <Dragging bench={bench} selection={selection} comparison={comparison} onCommand={onCommand} />
      {starting !== null && (
        <StartAgain
          bench={bench}
          groups={starting}
          onClose={close}
          onTake={(proposal) => {
            close();
            onCommand({ kind: "TAKE_PROPOSAL", proposal }, words.says.taken);
          }}
        />
      )}
      <EffectsDialog step={step} />
      <ClashDialog step={step} />
    </>
  );
}

interface HeadProps {
  bench: Schemas["BenchView"];
  comparison: Comparison;
  onCommand: (command: Command, said?: string) => void;
  onStart: () => void;
}

function BenchHead({ bench, comparison, onCommand, onStart }: HeadProps) {
  const { classId } = useFocus();
  const mayChange = useMayChange();
  const zone = useQuery(classesQuery).data?.zone;
  return (
    <PlaceHead title={bench.name} about={`${bench.subject} · ${day(bench.beginsOn)} – ${day(bench.endsOn)}`}>
      {bench.lastStep && zone && (
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }} title={bench.lastStep.by}>
          {words.kept({ time: timeInZone(bench.lastStep.at, zone) })}
        </Box>
      )}
      {mayChange && (
        <>
          <Button disabled={!bench.canUndo} onClick={() => onCommand({ kind: "UNDO" })}>
            {words.undo}
          </Button>
          <Button disabled={!bench.canRedo} onClick={() => onCommand({ kind: "REDO" })}>
            {words.redo}
          </Button>
          <Button onClick={onStart}>{words.startAgain}</Button>
        </>
      )}
      <CompareButton bench={bench} comparison={comparison} />
      <BenchMenu bench={bench} onCommand={onCommand} onCompareStep={(step) => comparison.start({ step })} />
      {mayChange && (
        <Button component={Link} to={`/classes/${classId}/plan/tasks?for=${bench.id}`} variant="contained">
          {words.use}
        </Button>
      )}
    </PlaceHead>
  );
}

/** What it is for, and the teacher's own note for all groups; the note is not for the class to see. */
function Remarks({ details }: { details: Schemas["BenchView"]["details"] }) {
  const { projector } = useFocus();
  const shown = [details.purpose, details.description, projector ? "" : details.note].filter(Boolean);
  return shown.length === 0 ? null : (
    <Box sx={{ color: "var(--z-soft)", mb: 1, whiteSpace: "pre-line" }}>{shown.join(" · ")}</Box>
  );
}

/** Students as the trays show them from left to right: what Shift takes between two clicks. */
function studentsInOrder(bench: Schemas["BenchView"]): number[] {
  const places = new Map(bench.groups.map((group, i) => [group.id, i]));
  const place = (student: Schemas["BenchStudent"]) =>
    student.groupId === undefined ? -1 : (places.get(student.groupId) ?? -1);
  return [...bench.students]
    .sort((a, b) => place(a) - place(b) || (b.value ?? 0) - (a.value ?? 0))
    .map((student) => student.id);
}
