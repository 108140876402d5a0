import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import { tasksQuery } from "../api/planQueries";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { words } from "./words";

interface Entry {
  id: number;
  name: string;
  mark?: ReactNode;
}

interface MenuProps {
  label: string;
  entries: Entry[];
  onChoose: (id: number, name: string) => void;
}

function ButtonWithMenu({ label, entries, onChoose }: MenuProps) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  if (entries.length === 0) {
    return null;
  }
  return (
    <>
      <Button aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {label}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {entries.map((entry) => (
          <MenuItem
            key={entry.id}
            sx={{ gap: 1 }}
            onClick={() => {
              setAnchor(null);
              onChoose(entry.id, entry.name);
            }}
          >
            {entry.mark}
            {entry.name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

/** Chooses the group on whose shelf something is put. */
export function ShelfMenu({ onPut }: { onPut: (groupId: number, name: string) => void }) {
  const { arrangement } = useFocus();
  const entries = (arrangement?.groups ?? []).map((group) => ({
    id: group.id,
    name: group.name,
    mark: <GroupShape look={group.look} />,
  }));
  return <ButtonWithMenu label={words.putOnAShelf} entries={entries} onChoose={onPut} />;
}

/** Chooses the draft into which something is put. */
export function DraftMenu({ onChoose }: { onChoose: (taskId: number, name: string) => void }) {
  const { classId } = useFocus();
  const drafts = (useQuery(tasksQuery(classId)).data ?? []).filter((task) => task.state === "DRAFT");
  return <ButtonWithMenu label={words.intoDraft} entries={drafts} onChoose={onChoose} />;
}
