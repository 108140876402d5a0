import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useLocation, useNavigate } from "react-router";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { changes, useRole } from "../shell/role";
import { Short } from "../shell/Short";
import { words } from "../shell/words";
import { homeOf } from "./HomeClass";

/** The same place in another class, so that who looks through several need not find the way anew. */
function sameIn(chosen: Schemas["ClassCard"], pathname: string): string {
  const place = /^\/classes\/\d+\/(students|arrange|library|plan|progress|corners)\b/.exec(pathname)?.[1];
  return place && changes(chosen.role) ? `/classes/${chosen.id}/${place}` : homeOf(chosen);
}

/** @param classId the class one is in, if any */
export function ClassSwitcher({ classId }: { classId?: number }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const classes = (useQuery(classesQuery).data?.classes ?? []).filter(
    (each) => !each.archived || each.id === classId,
  );
  const role = useRole(classId);
  const shown = classes.find((each) => each.id === classId)?.name ?? words.classes;
  const navigate = useNavigate();
  const { pathname } = useLocation();
  const go = (path: string) => {
    setAnchor(null);
    navigate(path);
  };
  if (classes.length === 0) {
    return null;
  }
  return (
    <>
      <ButtonBase
        aria-haspopup="menu"
        aria-label={`${words.switchClass}: ${shown}`}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{
          bgcolor: "var(--z-barRaised)",
          borderRadius: 99,
          px: 1.5,
          py: 0.6,
          font: "inherit",
          whiteSpace: "nowrap",
        }}
      >
        <Short maxWidth={240}>{shown}</Short> ▾
      </ButtonBase>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {classes.map((each) => (
          <MenuItem key={each.id} selected={each.id === classId} onClick={() => go(sameIn(each, pathname))}>
            {each.name} · {each.students}
          </MenuItem>
        ))}
        {role && role !== "GROUP_SUPPORT" && (
          <MenuItem onClick={() => go(`/classes/${classId}/adults`)}>{words.adults}</MenuItem>
        )}
        {changes(role) && (
          <MenuItem onClick={() => go(`/classes/${classId}/history`)}>{words.history}</MenuItem>
        )}
        <MenuItem onClick={() => go("/classes/new")}>{words.bringInClass}</MenuItem>
      </Menu>
    </>
  );
}
