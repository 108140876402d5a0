import { useDroppable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { groupColour } from "../shell/groupLook";
import { scoreText } from "../shell/score";
import { GroupNote } from "./GroupNote";
import { StudentLine } from "./StudentLine";
import { TrayMenu } from "./TrayMenu";
import type { Command } from "./useBenchStep";
import type { Selection } from "./useSelection";
import { words } from "./words";

interface Props {
  group: Schemas["BenchGroup"];
  measure: Schemas["MeasureCard"];
  /** The group's place, from 1: the key that places the selected students here. */
  number: number;
  members: Schemas["BenchStudent"][];
  groups: Schemas["BenchGroup"][];
  imbalances: Schemas["Imbalance"][];
  selection: Selection;
  faded: boolean;
  onCommand: (command: Command, said?: string) => void;
}

/** One group: its figures, its members best first, and a note. */
export function Tray(props: Props) {
  const { group, measure, number, members, groups, imbalances, selection, faded, onCommand } = props;
  const { projector } = useFocus();
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
              · {words.key(number)}
            </Box>
          )}
        </Box>
        <TrayMenu group={group} groups={groups} onCommand={onCommand} />
      </Box>
      <Box sx={{ fontSize: 12.5, color: "var(--z-soft)", mb: 0.75 }}>
        {group.median === undefined ? (
          words.noScores
        ) : (
          <>
            {words.median} <b>{scoreText(group.median, measure)}</b> · {scoreText(group.lowest ?? 0, measure)}
            –{scoreText(group.highest ?? 0, measure)}
          </>
        )}
      </Box>
      {members.map((student) => (
        <StudentLine measure={measure} key={student.id} student={student} selection={selection} />
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
