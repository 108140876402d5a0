import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { words } from "./words";

interface Props {
  selected: readonly number[];
  students: readonly Schemas["StudentShown"][];
  onAdd: (classId: number, name: string) => void;
}

/** Puts the selected students into another class as well; they stay in those they are in. */
export function AddToClass({ selected, students, onAdd }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const classes = useQuery(classesQuery).data?.classes ?? [];
  const hasNewcomers = (classId: number) =>
    selected.some((id) => !students.find((each) => each.id === id)?.classIds.includes(classId));
  const targets = classes.filter(
    (each) =>
      !each.archived && (each.role === "OWNER" || each.role === "CO_TEACHER") && hasNewcomers(each.id),
  );
  if (targets.length === 0) {
    return null;
  }
  return (
    <>
      <ButtonBase
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ font: "inherit" }}
      >
        {words.addToClass}
      </ButtonBase>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {targets.map((each) => (
          <MenuItem
            key={each.id}
            onClick={() => {
              setAnchor(null);
              onAdd(each.id, each.name);
            }}
          >
            {each.name}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
