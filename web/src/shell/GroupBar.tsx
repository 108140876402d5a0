import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { type ReactNode, useState } from "react";
import { type GroupChoice, useFocus } from "./focus";
import { GroupShape } from "./GroupShape";
import { Key } from "./Key";
import { useKeyHints } from "./keyHints";
import { Short } from "./Short";
import { words } from "./words";

/** Along the bottom of every teacher's screen: the arrangement's groups, a click narrows the screen to one. */
export function GroupBar() {
  const { arrangement, classId } = useFocus();
  const all = arrangement
    ? arrangement.notPlaced + arrangement.groups.reduce((sum, group) => sum + group.members.length, 0)
    : 0;
  return (
    <Box
      component="section"
      aria-label={words.groupBar}
      className="no-print"
      sx={{
        bgcolor: "var(--z-sunk)",
        borderTop: "1px solid var(--z-line)",
        minHeight: 52,
        flex: "none",
        display: "flex",
        alignItems: "center",
        gap: 1,
        px: 2.5,
        overflowX: "auto",
        whiteSpace: "nowrap",
      }}
    >
      <ArrangementMenu key={classId} />
      {arrangement && (
        <>
          <Chip choice="everyone" count={all} mark={<Ring />}>
            {words.everyone}
          </Chip>
          {arrangement.groups.map((group) => (
            <Chip
              key={group.id}
              choice={group.id}
              count={group.members.length}
              mark={<GroupShape look={group.look} />}
            >
              {group.name}
            </Chip>
          ))}
          {arrangement.notPlaced > 0 && (
            <Chip choice="none" count={arrangement.notPlaced} dashed>
              {words.notPlaced}
            </Chip>
          )}
        </>
      )}
      <Keys />
    </Box>
  );
}

function Ring() {
  return (
    <svg width="14" height="14" viewBox="0 0 16 16" aria-hidden="true">
      <circle cx="8" cy="8" r="6.5" fill="none" stroke="var(--z-soft)" strokeWidth="2" />
    </svg>
  );
}

interface ChipProps {
  choice: GroupChoice;
  count: number;
  mark?: ReactNode;
  dashed?: boolean;
  children: string;
}

function Chip({ choice, count, mark, dashed, children }: ChipProps) {
  const { group, chooseGroup } = useFocus();
  const chosen = group === choice;
  return (
    <ButtonBase
      aria-pressed={chosen}
      onClick={() => chooseGroup(chosen ? "everyone" : choice)}
      sx={{
        gap: 1,
        px: 1.75,
        height: 33,
        borderRadius: 99,
        font: "inherit",
        fontWeight: 700,
        bgcolor: "var(--z-card)",
        border: `1px ${dashed ? "dashed" : "solid"} var(--z-line)`,
        boxShadow: chosen ? "0 0 0 2px var(--z-ink)" : "none",
      }}
    >
      {mark}
      {children}
      <Box component="span" sx={{ fontWeight: 400, color: "var(--z-soft)" }}>
        {count}
      </Box>
    </ButtonBase>
  );
}

function ArrangementMenu() {
  const { arrangements, arrangement, chooseArrangement } = useFocus();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  if (!arrangement) {
    return <Box sx={{ color: "var(--z-soft)" }}>{words.noArrangement}</Box>;
  }
  return (
    <>
      <ButtonBase
        aria-haspopup="menu"
        aria-label={`${words.chooseArrangement}: ${arrangement.name}`}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ font: "inherit", color: "var(--z-soft)", flex: "none" }}
      >
        <Short maxWidth={190}>{arrangement.name}</Short> ▾
      </ButtonBase>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {arrangements.map((each) => (
          <MenuItem
            key={each.id}
            selected={each.id === arrangement.id}
            onClick={() => {
              chooseArrangement(each.id);
              setAnchor(null);
            }}
          >
            {each.name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

function Keys() {
  const hints = useKeyHints();
  return (
    // In one line: what does not fit is under Help, whole, and never cut in the middle.
    <Box
      sx={{
        marginLeft: "auto",
        minWidth: 0,
        height: 26,
        overflow: "hidden",
        display: "flex",
        flexWrap: "wrap",
        justifyContent: "flex-end",
        gap: 1.25,
        fontSize: 12.5,
        color: "var(--z-soft)",
      }}
    >
      {hints.map(([keys, does]) => (
        <Box key={does} component="span" sx={{ display: "flex", gap: 0.5, alignItems: "center" }}>
          {keys.map((key) => (
            <Key key={key}>{key}</Key>
          ))}
          {does}
        </Box>
      ))}
    </Box>
  );
}
