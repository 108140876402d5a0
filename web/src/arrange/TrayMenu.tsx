import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { type FormEvent, useState } from "react";
import type { Schemas } from "../api/client";
import type { Command } from "./useBenchStep";
import { words } from "./words";

interface Props {
  group: Schemas["BenchGroup"];
  groups: Schemas["BenchGroup"][];
  onCommand: (command: Command, said?: string) => void;
}

export function TrayMenu({ group, groups, onCommand }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [renaming, setRenaming] = useState(false);
  const choose = (command: Command, said: string) => {
    setAnchor(null);
    onCommand(command, said);
  };
  const place = groups.indexOf(group);
  const neighbours = [groups[place - 1], groups[place + 1]].filter((each) => each !== undefined);
  const rename = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    setRenaming(false);
    onCommand({
      kind: "RENAME",
      groupId: group.id,
      text: String(new FormData(event.currentTarget).get("name")),
    });
  };
  return (
    <>
      <IconButton
        size="small"
        className="no-print"
        aria-haspopup="menu"
        aria-label={words.menu(group.name)}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ p: 0.25, fontSize: 16, color: "var(--z-soft)" }}
      >
        ⋯
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem
          onClick={() => {
            setAnchor(null);
            setRenaming(true);
          }}
        >
          {words.rename}
        </MenuItem>
        {neighbours.map((each) => (
          <MenuItem
            key={each.id}
            onClick={() =>
              choose(
                { kind: "MERGE", groupId: each.id, otherGroupId: group.id },
                words.says.merged(group.name, each.name),
              )
            }
          >
            {words.merge(each.name)}
          </MenuItem>
        ))}
        <MenuItem
          onClick={() => choose({ kind: "REMOVE_GROUP", groupId: group.id }, words.says.removed(group.name))}
        >
          {words.remove}
        </MenuItem>
      </Menu>
      <Dialog open={renaming} onClose={() => setRenaming(false)} aria-label={words.rename}>
        <form onSubmit={rename}>
          <DialogContent>
            <TextField name="name" label={words.newName} defaultValue={group.name} autoFocus required />
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setRenaming(false)}>{words.cancel}</Button>
            <Button type="submit" variant="contained">
              {words.keep}
            </Button>
          </DialogActions>
        </form>
      </Dialog>
    </>
  );
}
