import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import type { TaskView } from "./taskEdit";
import { words } from "./words";

function toggled(chosen: number[], id: number): number[] {
  return chosen.includes(id) ? chosen.filter((each) => each !== id) : [...chosen, id];
}

/** Groups of every arrangement, to be ticked. */
export function TargetGroups({
  chosen,
  onChoose,
}: {
  chosen: number[];
  onChoose: (groups: number[]) => void;
}) {
  const { arrangements } = useFocus();
  return (
    <Box component="section">
      <Box component="h3">{words.targets.groups}</Box>
      {arrangements.length === 0 && words.targets.noGroups}
      {arrangements.map((arrangement) => (
        <Box key={arrangement.id} sx={{ display: "flex", flexWrap: "wrap", alignItems: "center" }}>
          <Box sx={{ color: "var(--z-soft)", width: 160 }}>{arrangement.name}</Box>
          {arrangement.groups.map((group) => (
            <FormControlLabel
              key={group.id}
              control={
                <Checkbox
                  size="small"
                  checked={chosen.includes(group.id)}
                  onChange={() => onChoose(toggled(chosen, group.id))}
                />
              }
              label={
                <>
                  <GroupShape look={group.look} size={12} /> {group.name}
                </>
              }
            />
          ))}
        </Box>
      ))}
    </Box>
  );
}

interface NamesProps {
  title: string;
  task: TaskView;
  chosen: number[];
  onChoose: (students: number[]) => void;
}

/** Students by name, to be pressed. */
export function TargetNames({ title, task, chosen, onChoose }: NamesProps) {
  return (
    <Box component="section" aria-label={title}>
      <Box component="h3">{title}</Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 0.5, mt: 0.5 }}>
        {task.students.map((student) => {
          const on = chosen.includes(student.id);
          return (
            <Box
              key={student.id}
              component="button"
              type="button"
              aria-pressed={on}
              onClick={() => onChoose(toggled(chosen, student.id))}
              sx={{
                font: "inherit",
                fontSize: 13,
                borderRadius: 99,
                border: "1px solid var(--z-line)",
                px: 1.25,
                bgcolor: on ? "var(--z-aubergine)" : "var(--z-card)",
                color: on ? "var(--z-card)" : "var(--z-ink)",
                cursor: "pointer",
              }}
            >
              {student.givenName}
            </Box>
          );
        })}
      </Box>
    </Box>
  );
}
