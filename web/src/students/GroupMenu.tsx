import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { EffectsDialog } from "../arrange/EffectsDialog";
import { useBenchStep } from "../arrange/useBenchStep";
import { GroupShape } from "../shell/GroupShape";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  student: Pick<Schemas["StudentShown"], "id" | "givenName" | "groupIds">;
  arrangement: Schemas["ArrangementShown"];
}

/** The group of a student as a chip that is a menu: the group is changed right there by whoever may. */
export function GroupMenu({ student, arrangement, mayPlace }: Props & { mayPlace: boolean }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const now = arrangement.groups.find((group) => student.groupIds.includes(group.id));
  if (!mayPlace) {
    return (
      <Box component="span" sx={{ display: "inline-flex", alignItems: "center", gap: 0.75, px: 1 }}>
        {now && <GroupShape look={now.look} size={11} />}
        {now?.name ?? words.notPlaced}
      </Box>
    );
  }
  return (
    <>
      <ButtonBase
        aria-haspopup="menu"
        aria-label={words.place({
          student: student.givenName,
          arrangement: arrangement.name,
          group: now?.name ?? words.notPlaced,
        })}
        onClick={(event) => {
          event.stopPropagation();
          setAnchor(event.currentTarget);
        }}
        sx={{
          font: "inherit",
          gap: 0.75,
          px: 1,
          borderRadius: 99,
          bgcolor: "var(--z-card)",
          border: `1px ${now ? "solid" : "dashed"} var(--z-line)`,
        }}
      >
        {now && <GroupShape look={now.look} size={11} />}
        <Box component="span">{now?.name ?? words.notPlaced} ▾</Box>
      </ButtonBase>
      {anchor && (
        <Choices
          student={student}
          arrangement={arrangement}
          anchor={anchor}
          onClose={() => setAnchor(null)}
        />
      )}
    </>
  );
}

interface ChoicesProps extends Props {
  anchor: HTMLElement;
  onClose: () => void;
}

/** Drawn only while open: a table of many students has many of these. */
function Choices({ student, arrangement, anchor, onClose }: ChoicesProps) {
  const [open, setOpen] = useState(true);
  const step = useBenchStep(arrangement.id);
  const tell = useNotice();
  const now = arrangement.groups.find((group) => student.groupIds.includes(group.id));
  const place = (group: Schemas["GroupShown"] | undefined) => {
    setOpen(false);
    step.take({ kind: "PLACE", students: [student.id], groupId: group?.id }, () => {
      tell(
        group
          ? words.moved({ student: student.givenName, group: group.name })
          : words.unplaced({ student: student.givenName }),
        () => step.take({ kind: "UNDO" }),
      );
      onClose();
    });
  };
  return (
    <>
      <Menu anchorEl={anchor} open={open} onClose={onClose}>
        {arrangement.groups.map((group) => (
          <MenuItem
            key={group.id}
            selected={group.id === now?.id}
            onClick={() => place(group)}
            sx={{ gap: 1 }}
          >
            <GroupShape look={group.look} size={12} /> {group.name}
          </MenuItem>
        ))}
        <MenuItem selected={!now} onClick={() => place(undefined)}>
          {words.notPlaced}
        </MenuItem>
      </Menu>
      <EffectsDialog step={step} />
    </>
  );
}
