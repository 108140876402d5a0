import { useDraggable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../../api/client";
import { readyQuery } from "../../api/planQueries";
import { findQuery } from "../../api/queries";
import { useFocusedGroup } from "../../library/useFocusedGroup";
import { Card } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { GroupShape } from "../../shell/GroupShape";
import { Key } from "../../shell/Key";
import type { Adding } from "./AddDialog";
import { words } from "./words";

/** What the chosen group is ready for, with what the library has for each; dragged onto a day from here. */
export function ReadyPanel({ onAdd }: { onAdd: (adding: Adding) => void }) {
  const { classId } = useFocus();
  const group = useFocusedGroup();
  const ready = useQuery(readyQuery(classId, group?.id)).data;
  const [text, setText] = useState("");
  const search = (
    <TextField
      type="search"
      size="small"
      fullWidth
      label={words.find}
      value={text}
      onChange={(event) => setText(event.target.value)}
      sx={{ mb: 1.25 }}
    />
  );
  if (text.trim() !== "") {
    return (
      <Panel>
        {search}
        <Found text={text} groupId={group?.id} onAdd={onAdd} />
      </Panel>
    );
  }
  return (
    <Panel>
      {search}
      <Box component="h2" sx={{ fontSize: 14, display: "flex", gap: 1, alignItems: "center" }}>
        {group && <GroupShape look={group.look} />}
        {words.ready({ name: group?.name ?? words.everyone })}
      </Box>
      {ready && ready.length > 0 && (
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
          {words.readyAbout({ members: ready[0]?.members ?? 0 })}
        </Box>
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
    </Panel>
  );
}

function Panel({ children }: { children: ReactNode }) {
  return (
    <Card
      component="aside"
      className="no-print"
      sx={{ width: { xs: "100%", md: 262 }, flex: "none", p: 1.75, fontSize: 13 }}
    >
      {children}
    </Card>
  );
}

const MOST_FOUND = 8;

/** What the library finds for these words, best for the group first. */
function Found({ text, groupId, onAdd }: { text: string } & Pick<ItemProps, "groupId" | "onAdd">) {
  const { classId } = useFocus();
  const found = useQuery({
    ...findQuery(classId, groupId, { words: text }, MOST_FOUND),
    placeholderData: keepPreviousData,
  }).data;
  if (found?.hits.length === 0) {
    return <Box>{words.nothingFound}</Box>;
  }
  return found?.hits.map((hit) => (
    <ReadyItem
      key={hit.id}
      skillId={0}
      item={{ id: hit.id, kind: hit.kind, title: hit.title, level: hit.levelLow, minutes: hit.minutes }}
      groupId={groupId}
      onAdd={onAdd}
    />
  ));
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
