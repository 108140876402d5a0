import { useDraggable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { readyQuery } from "../../api/queries";
import { useFocusedGroup } from "../../library/useFocusedGroup";
import { Card } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { Key } from "../../shell/GroupBar";
import { GroupShape } from "../../shell/GroupShape";
import type { Adding } from "./AddDialog";
import { words } from "./words";

/** What the chosen group is ready for, with what the library has for each; dragged onto a day from here. */
export function ReadyPanel({ onAdd }: { onAdd: (adding: Adding) => void }) {
  const { classId } = useFocus();
  const group = useFocusedGroup();
  const ready = useQuery(readyQuery(classId, group?.id)).data;
  return (
    <Card component="aside" className="no-print" sx={{ width: 262, flex: "none", p: 1.75, fontSize: 13 }}>
      <Box component="h2" sx={{ fontSize: 14, display: "flex", gap: 1, alignItems: "center" }}>
        {group && <GroupShape look={group.look} />}
        {words.ready(group?.name ?? words.everyone)}
      </Box>
      {ready && ready.length > 0 && (
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.readyAbout(ready[0]?.members ?? 0)}</Box>
      )}
      {ready?.length === 0 && <Box sx={{ mt: 1 }}>{words.readyNone}</Box>}
      {ready?.map((skill) => (
        <Box key={skill.skillId} component="section" sx={{ mt: 1.5 }}>
          <Box component="h3" sx={{ fontSize: 13.5 }}>
            {skill.name}
          </Box>
          <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.readyLine(skill)}</Box>
          {skill.items.map((item) => (
            <ReadyItem key={item.id} skillId={skill.skillId} item={item} groupId={group?.id} onAdd={onAdd} />
          ))}
        </Box>
      ))}
      {ready && ready.length > 0 && (
        <Box sx={{ mt: 1.5, color: "var(--z-soft)", fontSize: 12.5 }}>
          {words.dragHint.slice(0, -2)}
          <Key>A</Key>.
        </Box>
      )}
      <Button
        size="small"
        variant="text"
        component={Link}
        to={`/classes/${classId}/library`}
        sx={{ mt: 0.5, ml: -1 }}
      >
        {words.toLibrary}
      </Button>
    </Card>
  );
}

interface ItemProps {
  skillId: number;
  item: Schemas["ReadyItem"];
  groupId: number | undefined;
  onAdd: (adding: Adding) => void;
}

function ReadyItem({ skillId, item, groupId, onAdd }: ItemProps) {
  const drag = useDraggable({ id: `item-${skillId}-${item.id}`, data: { item } });
  const add = () => onAdd({ item, groupId, everyone: groupId === undefined });
  return (
    <Box
      component="button"
      type="button"
      ref={drag.setNodeRef}
      {...drag.listeners}
      onClick={add}
      onKeyDown={(event: React.KeyboardEvent) => {
        if (event.key.toLowerCase() === "a") {
          event.preventDefault();
          add();
        }
      }}
      sx={{
        display: "block",
        width: "100%",
        font: "inherit",
        textAlign: "left",
        color: "var(--z-ink)",
        bgcolor: "var(--z-card)",
        border: "1px solid var(--z-line)",
        borderRadius: "8px",
        px: 1.25,
        py: 0.6,
        mt: 0.6,
        cursor: "grab",
        opacity: drag.isDragging ? 0.4 : 1,
        "&:hover": { borderColor: "var(--z-soft)" },
      }}
    >
      {item.title}
      <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.itemAbout(item)}</Box>
    </Box>
  );
}
