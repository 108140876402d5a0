import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { GroupDoorDialog } from "../entry/GroupDoorDialog";
import { historyOf } from "../history/address";
import { words as history } from "../history/words";
import { useFocus } from "../shell/focus";
import { LeadsDialog, RenameDialog } from "./TrayDialogs";
import type { Command } from "./useBenchStep";
import type { Selection } from "./useSelection";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  group: Schemas["BenchGroup"];
  selection: Selection;
  onCommand: (command: Command, said?: string) => void;
}

type Asked = "rename" | "leads" | "door";

export function TrayMenu({ bench, group, selection, onCommand }: Props) {
  const { classId } = useFocus();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [open, setOpen] = useState<Asked | null>(null);
  const close = () => setOpen(null);
  const show = (what: Asked) => {
    setAnchor(null);
    setOpen(what);
  };
  return (
    <>
      <IconButton
        size="small"
        className="no-print"
        aria-haspopup="menu"
        aria-label={words.menu({ group: group.name })}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ p: 0.25, fontSize: 16, color: "var(--z-soft)" }}
      >
        ⋯
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem onClick={() => show("rename")}>{words.rename}</MenuItem>
        <MenuItem onClick={() => show("leads")}>{words.leads}</MenuItem>
        <MenuItem onClick={() => show("door")}>{words.door}</MenuItem>
        <MenuItem component={Link} to={historyOf(classId, "GROUP", group.id, group.name)}>
          {history.open}
        </MenuItem>
        {deeds(bench, group, selection).map(({ label, command, said }) => (
          <MenuItem
            key={label}
            onClick={() => {
              setAnchor(null);
              onCommand(command, said);
            }}
          >
            {label}
          </MenuItem>
        ))}
      </Menu>
      {open === "rename" && <RenameDialog group={group} onCommand={onCommand} onClose={close} />}
      {open === "leads" && <LeadsDialog bench={bench} group={group} onCommand={onCommand} onClose={close} />}
      {open === "door" && <GroupDoorDialog group={group} onClose={close} />}
    </>
  );
}

interface Deed {
  label: string;
  command: Command;
  said: string;
}

/** What can be done with the group at once, some of it with the students that are selected. */
function deeds(bench: Schemas["BenchView"], group: Schemas["BenchGroup"], selection: Selection): Deed[] {
  const place = bench.groups.indexOf(group);
  const neighbours = [bench.groups[place - 1], bench.groups[place + 1]].filter((each) => each !== undefined);
  const chosen = bench.students.filter((each) => selection.has(each.id));
  const inside = chosen.filter((each) => [each.groupId, ...each.alsoIn].includes(group.id));
  const outside = chosen.filter((each) => !inside.includes(each));
  const several = inside.filter((each) => each.alsoIn.length > 0);
  const ids = (students: Schemas["BenchStudent"][]) => students.map((each) => each.id);
  const found: Deed[] = [];
  if (bench.details.overlap && outside.length > 0) {
    found.push({
      label: words.placeAlso({ count: outside.length }),
      command: { kind: "PLACE_ALSO", students: ids(outside), groupId: group.id },
      said: words.says.also({ count: outside.length, group: group.name }),
    });
  }
  if (several.length > 0) {
    found.push({
      label: words.takeFrom({ count: several.length }),
      command: { kind: "TAKE_FROM", students: ids(several), groupId: group.id },
      said: words.says.takenFrom({ count: several.length, group: group.name }),
    });
  }
  if (inside.length > 0 && inside.length < group.size) {
    found.push({
      label: words.splitChosen({ count: inside.length }),
      command: { kind: "SPLIT", groupId: group.id, students: ids(inside) },
      said: words.says.split({ group: group.name }),
    });
  } else if (group.size > 1) {
    found.push({
      label: words.split,
      command: { kind: "SPLIT", groupId: group.id },
      said: words.says.split({ group: group.name }),
    });
  }
  for (const each of neighbours) {
    found.push({
      label: words.merge({ group: each.name }),
      command: { kind: "MERGE", groupId: each.id, otherGroupId: group.id },
      said: words.says.merged({ from: group.name, into: each.name }),
    });
  }
  found.push({
    label: words.remove,
    command: { kind: "REMOVE_GROUP", groupId: group.id },
    said: words.says.removed({ group: group.name }),
  });
  return found;
}
