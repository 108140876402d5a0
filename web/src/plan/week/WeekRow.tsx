import { useDroppable } from "@dnd-kit/core";
import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { useFocus } from "../../shell/focus";
import { GroupShape } from "../../shell/GroupShape";
import { groupColour } from "../../shell/groupLook";
import type { GridProps } from "./grid";
import { lanes } from "./layout";
import { SessionBlock } from "./SessionBlock";
import { TaskBar } from "./TaskBar";
import { words } from "./words";

type Row = Schemas["WeekRow"];

const LANE = 29;

interface Props extends GridProps {
  row: Row;
  columns: string;
}

export function rowName(row: Row): string {
  return row.kind === "EVERYONE" ? words.everyone : row.kind === "NOT_PLACED" ? words.notPlaced : row.name;
}

/** One group: its cells, on which work is dropped, and over them its sessions and bars. */
export function WeekRow({ row, week, columns, deeds, onAdd, onOpen }: Props) {
  const placed = lanes(
    row,
    week.days.map((day) => day.day),
  );
  const depth = Math.max(1, ...placed.map((each) => each.lane + 1));
  const colour = row.look === undefined ? "var(--z-soft)" : groupColour(row.look);
  return (
    <Box
      component="section"
      aria-label={rowName(row)}
      sx={{
        display: "grid",
        gridTemplateColumns: columns,
        position: "relative",
        borderTop: "1px solid var(--z-line)",
      }}
    >
      <RowHead row={row} onOpen={onOpen} />
      {week.days.map((day, column) => (
        <Cell
          key={day.day}
          row={row}
          day={day}
          column={column}
          mayChange={week.mayChange}
          height={depth * LANE + (week.mayChange ? 34 : 16)}
          onAdd={onAdd}
        />
      ))}
      {placed.map(({ from, to, lane, bar, session }) => (
        <Box
          key={bar ? `bar-${bar.versionId}-${bar.fromDay}-${bar.toDay}-${bar.of}` : `session-${session?.id}`}
          sx={{
            gridRow: 1,
            gridColumn: `${from + 2} / ${to + 3}`,
            mt: `${8 + lane * LANE}px`,
            mx: 0.75,
            height: LANE - 5,
            minWidth: 0,
            zIndex: 1,
          }}
        >
          {bar && (
            <TaskBar
              bar={bar}
              row={row}
              colour={colour}
              deeds={deeds}
              onOpen={onOpen}
              mayChange={week.mayChange}
            />
          )}
          {session && (
            <SessionBlock
              session={session}
              rowKey={row.groupId ?? row.kind}
              colour={colour}
              onOpen={() => onOpen({ kind: "session", session })}
              mayChange={week.mayChange}
            />
          )}
        </Box>
      ))}
    </Box>
  );
}

interface CellProps {
  row: Row;
  day: Schemas["DayOfWeekShown"];
  column: number;
  mayChange: boolean;
  height: number;
  onAdd: GridProps["onAdd"];
}

function Cell({ row, day, column, mayChange, height, onAdd }: CellProps) {
  const { setNodeRef, isOver } = useDroppable({
    id: `cell-${row.groupId ?? row.kind}-${day.day}`,
    data: { groupId: row.groupId, everyone: row.kind === "EVERYONE", day: day.day, teaching: day.teaching },
  });
  const style = {
    gridRow: 1,
    gridColumn: column + 2,
    minHeight: height,
    borderLeft: "1px solid var(--z-line)",
    bgcolor: isOver ? "var(--z-ownWash)" : day.teaching ? undefined : "var(--z-sunk)",
    boxShadow: isOver ? "inset 0 0 0 2px var(--z-action)" : undefined,
  };
  if (!mayChange || row.kind === "NOT_PLACED") {
    return <Box ref={setNodeRef} sx={style} />;
  }
  return (
    <ButtonBase
      ref={setNodeRef}
      aria-label={words.cell(rowName(row), day.day)}
      onClick={() => onAdd({ groupId: row.groupId, everyone: row.kind === "EVERYONE", day: day.day })}
      sx={{
        ...style,
        borderRadius: 0,
        alignItems: "flex-end",
        justifyContent: "flex-start",
        color: "transparent",
        px: 1.25,
        pb: 0.5,
        font: "inherit",
        fontSize: 13,
        "&:hover, &:focus-visible": { color: "var(--z-soft)" },
      }}
    >
      +
    </ButtonBase>
  );
}

function RowHead({ row, onOpen }: { row: Row; onOpen: GridProps["onOpen"] }) {
  const { group, chooseGroup } = useFocus();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const name = (
    <>
      {row.look !== undefined && <GroupShape look={row.look} size={13} />}
      {rowName(row)}
    </>
  );
  const style = {
    px: 1.25,
    py: 1.25,
    gap: 1,
    font: "inherit",
    fontWeight: 700,
    alignItems: "center",
    alignSelf: "start",
  };
  const groupId = row.groupId;
  if (groupId === undefined) {
    return <Box sx={{ ...style, display: "flex" }}>{name}</Box>;
  }
  const close = (act: () => void) => () => {
    setAnchor(null);
    act();
  };
  return (
    <>
      <ButtonBase
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ ...style, justifyContent: "flex-start", textAlign: "left" }}
      >
        {name}
      </ButtonBase>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem onClick={close(() => chooseGroup(group === groupId ? "everyone" : groupId))}>
          {group === groupId ? words.menu.all : words.menu.only}
        </MenuItem>
        <MenuItem onClick={close(() => onOpen({ kind: "settings", groupId, name: row.name }))}>
          {words.menu.settings}
        </MenuItem>
      </Menu>
    </>
  );
}
