import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { type ReactNode, useState } from "react";
import type { Schemas } from "../api/client";
import { EffectsDialog } from "../arrange/EffectsDialog";
import { useBenchStep } from "../arrange/useBenchStep";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { Key } from "../shell/Key";
import { useNotice } from "../shell/Notice";
import { NotPrinted } from "../shell/NotPrinted";
import { useTypedKeys } from "../shell/useTypedKeys";
import { AddToClass } from "./AddToClass";
import { GrantToMany } from "./GrantToMany";
import { TagDialog } from "./TagDialog";
import { useManyDeeds } from "./useManyDeeds";
import { words } from "./words";

interface Props {
  selected: readonly number[];
  screen: Schemas["StudentsShown"];
  archived: boolean;
  mayChange: boolean;
  onDone: () => void;
}

/** What can be done with all who are selected, at once. */
export function SelectionBar({ selected, screen, archived, mayChange, onDone }: Props) {
  const { classId, arrangement } = useFocus();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [tagging, setTagging] = useState(false);
  const [granting, setGranting] = useState(false);
  const tell = useNotice();
  const step = useBenchStep(arrangement?.id ?? 0);
  const deeds = useManyDeeds(classId, selected);
  const groups = arrangement?.groups ?? [];
  const place = (group: Schemas["GroupCard"] | undefined) => {
    setAnchor(null);
    if (group && mayChange) {
      step.take({ kind: "PLACE", students: [...selected], groupId: group.id }, () =>
        tell(words.movedMany({ count: selected.length, group: group.name }), () =>
          step.take({ kind: "UNDO" }),
        ),
      );
    }
  };
  const digits = Object.fromEntries(
    groups.slice(0, 9).map((group, i) => [String(i + 1), () => place(group)]),
  );
  useTypedKeys(digits);
  return (
    <Box
      component="section"
      aria-label={words.selected({ count: selected.length })}
      className="no-print"
      sx={{
        mt: 1.25,
        bgcolor: "var(--z-bar)",
        color: "var(--z-onBar)",
        borderRadius: "12px",
        px: 2,
        minHeight: 34,
        display: "flex",
        columnGap: 2.25,
        rowGap: 0,
        "& > *": { minHeight: 30, display: "inline-flex", alignItems: "center" },
        alignItems: "center",
        flexWrap: "wrap",
        "& :focus-visible": { outlineColor: "var(--z-action)" },
      }}
    >
      <b>{words.selected({ count: selected.length })}</b>
      {mayChange && groups.length > 0 && !archived && (
        <Deed onClick={(event) => setAnchor(event.currentTarget)}>
          {words.placeIn} <Key>{`1–${Math.min(9, groups.length)}`}</Key>
        </Deed>
      )}
      <ButtonBase
        component="a"
        href={`/api/classes/${classId}/entry-cards?students=${selected.join(",")}`}
        target="_blank"
        sx={{ font: "inherit" }}
      >
        {words.entryCards}
      </ButtonBase>
      <Deed onClick={deeds.newCodes}>{words.newCodes}</Deed>
      {mayChange && (
        <>
          <AddToClass selected={selected} students={screen.students} onAdd={deeds.addToClass} />
          {!archived && <Deed onClick={() => setGranting(true)}>{words.grantMany}</Deed>}
          <Deed onClick={() => setTagging(true)}>{words.addTag}</Deed>
          {archived ? (
            <Deed onClick={() => deeds.bringBack(onDone)}>{words.bringBack}</Deed>
          ) : (
            <Deed onClick={() => deeds.archive(onDone)}>{words.archive}</Deed>
          )}
        </>
      )}
      <NotPrinted classId={classId} />
      <Box sx={{ marginLeft: "auto" }}>
        <Deed onClick={onDone}>{words.escape}</Deed>
      </Box>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {groups.map((group) => (
          <MenuItem key={group.id} onClick={() => place(group)} sx={{ gap: 1 }}>
            <GroupShape look={group.look} size={12} /> {group.name}
          </MenuItem>
        ))}
      </Menu>
      {tagging && (
        <TagDialog
          known={screen.choices.tags}
          onClose={() => setTagging(false)}
          onTag={(tag) => {
            setTagging(false);
            deeds.tag(tag);
          }}
        />
      )}
      {granting && <GrantToMany students={selected} onClose={() => setGranting(false)} />}
      <EffectsDialog step={step} />
    </Box>
  );
}

function Deed({ onClick, children }: { onClick: React.MouseEventHandler<HTMLElement>; children: ReactNode }) {
  return (
    <ButtonBase onClick={onClick} sx={{ font: "inherit", gap: 0.75 }}>
      {children}
    </ButtonBase>
  );
}
