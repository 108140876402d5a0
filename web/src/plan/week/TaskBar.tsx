import { useDraggable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import Divider from "@mui/material/Divider";
import ListSubheader from "@mui/material/ListSubheader";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { Schemas } from "../../api/client";
import { useFocus } from "../../shell/focus";
import { GroupShape } from "../../shell/GroupShape";
import type { WeekDeeds } from "./useWeekDeeds";
import type { WeekOpen } from "./weekOpen";
import { words } from "./words";

type Bar = Schemas["WeekBar"];

interface Props {
  bar: Bar;
  row: Schemas["WeekRow"];
  colour: string;
  deeds: WeekDeeds;
  onOpen: (open: WeekOpen) => void;
  mayChange: boolean;
}

/** A version on its days. Drafts have a broken line; where two versions claim somebody, it is said. */
export function TaskBar({ bar, row, colour, deeds, onOpen, mayChange }: Props) {
  const [anchor, setAnchor] = useState<{ at: HTMLElement; only?: "groups" } | null>(null);
  const drag = useDraggable({
    id: `bar-${row.groupId ?? row.kind}-${bar.versionId}-${bar.fromDay}`,
    data: { bar },
    disabled: !mayChange,
  });
  return (
    <>
      <Box
        component="button"
        type="button"
        ref={drag.setNodeRef}
        {...drag.listeners}
        aria-haspopup="menu"
        title={words.barAbout(bar, row.members)}
        aria-label={[words.bar(bar), words.barAbout(bar, row.members)].join(", ")}
        onClick={(event: React.MouseEvent<HTMLElement>) => setAnchor({ at: event.currentTarget })}
        onKeyDown={(event: React.KeyboardEvent<HTMLElement>) => {
          if (mayChange && event.key.toLowerCase() === "d") {
            onOpen({ kind: "days", bar });
          } else if (mayChange && event.key.toLowerCase() === "c" && !event.ctrlKey && !event.metaKey) {
            setAnchor({ at: event.currentTarget, only: "groups" });
          }
        }}
        sx={{
          display: "block",
          width: "100%",
          height: "100%",
          px: 1,
          font: "inherit",
          fontSize: 12.5,
          textAlign: "left",
          color: "var(--z-ink)",
          bgcolor: "var(--z-card)",
          border: `${bar.conflicts > 0 ? 2 : 1}px ${bar.state === "DRAFT" ? "dashed" : "solid"} ${
            bar.conflicts > 0 ? "var(--z-clayText)" : colour
          }`,
          borderRadius: `${bar.before ? 0 : 6}px ${bar.after ? 0 : 6}px ${bar.after ? 0 : 6}px ${bar.before ? 0 : 6}px`,
          overflow: "hidden",
          textOverflow: "ellipsis",
          whiteSpace: "nowrap",
          cursor: "pointer",
          opacity: drag.isDragging ? 0.4 : 1,
        }}
      >
        {words.bar(bar)}
        <Box component="span" sx={{ color: "var(--z-soft)" }}>
          {words.someOf(bar, row.members)}
        </Box>
      </Box>
      {anchor && (
        <BarMenu
          bar={bar}
          anchor={anchor.at}
          groupsAlone={anchor.only === "groups"}
          mayChange={mayChange}
          ownGroup={row.groupId}
          deeds={deeds}
          onOpen={onOpen}
          onClose={() => setAnchor(null)}
        />
      )}
    </>
  );
}

interface MenuProps {
  bar: Bar;
  anchor: HTMLElement;
  groupsAlone: boolean;
  mayChange: boolean;
  ownGroup: number | undefined;
  deeds: WeekDeeds;
  onOpen: (open: WeekOpen) => void;
  onClose: () => void;
}

function BarMenu({ bar, anchor, groupsAlone, mayChange, ownGroup, deeds, onOpen, onClose }: MenuProps) {
  const { classId, arrangement } = useFocus();
  const navigate = useNavigate();
  const others = (arrangement?.groups ?? []).filter((group) => group.id !== ownGroup);
  const act = (deed: () => void) => () => {
    onClose();
    deed();
  };
  return (
    <Menu anchorEl={anchor} open onClose={onClose}>
      {!groupsAlone && (
        <MenuItem onClick={act(() => navigate(`/classes/${classId}/plan/${bar.taskId}`))}>
          {words.menu.open}
        </MenuItem>
      )}
      {!groupsAlone && mayChange && (
        <MenuItem onClick={act(() => onOpen({ kind: "days", bar }))}>{words.menu.days}</MenuItem>
      )}
      {!groupsAlone && mayChange && bar.state === "DRAFT" && (
        <MenuItem onClick={act(() => navigate(`/classes/${classId}/plan/${bar.taskId}?hand-out`))}>
          {words.menu.handOut}
        </MenuItem>
      )}
      {mayChange && others.length > 0 && !groupsAlone && <Divider />}
      {mayChange && others.length > 0 && (
        <ListSubheader sx={{ lineHeight: 2.2, bgcolor: "transparent" }}>{words.menu.alsoFor}</ListSubheader>
      )}
      {mayChange &&
        others.map((group) => (
          <MenuItem
            key={group.id}
            sx={{ gap: 1 }}
            onClick={act(() => deeds.alsoFor.mutate({ bar, groupId: group.id, group: group.name }))}
          >
            <GroupShape look={group.look} /> {group.name}
          </MenuItem>
        ))}
    </Menu>
  );
}
