import { useDroppable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { groupColour } from "../shell/groupLook";
import { useMayChange } from "../shell/role";
import { rangeText, scoreText } from "../shell/score";
import { GroupNote } from "./GroupNote";
import { StudentLine } from "./StudentLine";
import { TrayMenu } from "./TrayMenu";
import type { Command } from "./useBenchStep";
import type { Comparison } from "./useComparison";
import type { Selection } from "./useSelection";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  group: Schemas["BenchGroup"];
  /** The group's place, from 1: the key that places the selected students here. */
  number: number;
  members: Schemas["BenchStudent"][];
  selection: Selection;
  comparison: Comparison;
  faded: boolean;
  onCommand: (command: Command, said?: string) => void;
}

/** One group: its figures, its members best first, and a note. */
export function Tray(props: Props) {
  const { bench, group, number, members, selection, comparison, faded, onCommand } = props;
  const names = new Map(bench.groups.map((each) => [each.id, each.name]));
  const imbalances = bench.imbalances.filter((each) => each.groupId === group.id);
  const former = comparison.formerName(group.id);
  const { projector } = useFocus();
  const mayChange = useMayChange();
  const { setNodeRef, isOver } = useDroppable({ id: `group-${group.id}` });
  return (
    <Box
      component="section"
      aria-label={group.name}
      ref={setNodeRef}
      sx={{
        display: "flex",
        flexDirection: "column",
        minWidth: 170,
        bgcolor: isOver ? "var(--z-ownWash)" : "var(--z-card)",
        border: "1px solid var(--z-line)",
        borderTop: `4px solid ${groupColour(group.look)}`,
        borderRadius: "12px",
        p: 1.5,
        pt: 1,
        opacity: faded ? 0.45 : 1,
        breakInside: "avoid",
      }}
    >
      <Box sx={{ display: "flex", alignItems: "center", gap: 1 }}>
        <GroupShape look={group.look} />
        <Box component="h2" sx={{ fontSize: 16, flex: 1, overflowWrap: "anywhere" }}>
          {group.name}
        </Box>
        <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 13, whiteSpace: "nowrap" }}>
          {group.size}
          {number <= 9 && (
            <Box component="span" className="no-print">
              {" "}
              · {words.key({ number })}
            </Box>
          )}
        </Box>
        {mayChange && <TrayMenu bench={bench} group={group} selection={selection} onCommand={onCommand} />}
      </Box>
      {former !== undefined && former !== group.name && (
        <Box sx={{ fontSize: 12.5, color: "var(--z-saffron)" }}>{words.comparing.groupFrom({ former })}</Box>
      )}
      <Figures bench={bench} group={group} />
      {members.map((student) => (
        <StudentLine
          key={student.id}
          measure={bench.measure}
          student={student}
          selection={selection}
          groupId={group.id}
          alsoIn={[student.groupId ?? 0, ...student.alsoIn]
            .filter((each) => each !== group.id)
            .map((each) => names.get(each) ?? "")}
          movedFrom={comparison.movedFrom(student.id)}
        />
      ))}
      {members.length === 0 && (
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5, py: 1 }}>{words.empty}</Box>
      )}
      <Box sx={{ flex: 1, minHeight: 12 }} />
      {!projector &&
        imbalances.map((each) => (
          <Box
            key={each.tag ?? ""}
            sx={{ bgcolor: "var(--z-saffronWash)", borderRadius: "8px", p: 1, mb: 0.75, fontSize: 12.5 }}
          >
            {words.imbalance(each)}
          </Box>
        ))}
      <GroupNote group={group} onKeep={(text) => onCommand({ kind: "NOTE", groupId: group.id, text })} />
    </Box>
  );
}

/** What a teacher watches while moving students, in two short lines. */
function Figures({ bench, group }: { bench: Schemas["BenchView"]; group: Schemas["BenchGroup"] }) {
  const { projector } = useFocus();
  const { measure } = bench;
  const adults = new Map(bench.adults.map((each) => [each.id, each.name]));
  const mix = group.bands.map((band) => `${band.count} ${band.name ?? words.belowBands}`).join(", ");
  const more = [
    group.studentName !== undefined &&
      group.studentName !== group.name &&
      words.studentsSay({ name: group.studentName }),
    mix,
    !projector && group.needs !== undefined && group.needs > 0 && words.needs({ count: group.needs }),
    group.leads.length > 0 &&
      words.withAdults({ names: group.leads.map((each) => adults.get(each) ?? "").join(", ") }),
  ].filter(Boolean);
  return (
    <Box sx={{ fontSize: 12.5, color: "var(--z-soft)", mb: 0.75 }}>
      {group.median === undefined ? (
        words.noScores
      ) : (
        <>
          {words.median} <b>{scoreText(group.median, measure)}</b> ·{" "}
          {rangeText(group.lowest ?? 0, group.highest ?? 0, measure)}
          {measure.levels.length === 0 && (
            <Box>
              {words.mean} {scoreText(Math.round((group.mean ?? 0) * 10) / 10, measure)} · {words.deviation}{" "}
              {scoreText(Math.round((group.deviation ?? 0) * 10) / 10, measure)}
            </Box>
          )}
        </>
      )}
      {more.length > 0 && <Box>{more.join(" · ")}</Box>}
    </Box>
  );
}
