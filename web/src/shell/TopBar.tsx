import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, NavLink, useNavigate } from "react-router";
import { classesQuery, sessionQuery } from "../api/queries";
import { Mark } from "./Mark";
import { changes, useLedGroupsAlone, useRole } from "./role";
import { signOut } from "./signOut";
import { words } from "./words";

const places = ["today", "students", "arrange", "library", "plan", "progress"] as const;
const placesOfLedGroups = ["students", "progress", "corners"] as const;

export function TopBar({ classId }: { classId: number }) {
  const shown = useLedGroupsAlone(classId) ? placesOfLedGroups : places;
  return (
    <Box
      component="header"
      className="no-print"
      sx={{
        bgcolor: "#2E1F38",
        color: "#FFFDF8",
        height: 48,
        flex: "none",
        display: "flex",
        alignItems: "center",
        gap: { xs: 1.25, md: 2.5 },
        px: { xs: 1.5, md: 2.5 },
      }}
    >
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, fontWeight: 700, fontSize: 20 }}>
        <Mark /> zafu
      </Box>
      <ClassSwitcher classId={classId} />
      <Box component="nav" sx={{ display: "flex", gap: { xs: 1.5, md: 2.75 }, height: "100%", flex: 1 }}>
        {shown.map((place) => (
          <Box
            key={place}
            component={NavLink}
            to={`/classes/${classId}/${place}`}
            sx={{
              color: "#E4D9EA",
              textDecoration: "none",
              display: "flex",
              alignItems: "center",
              borderBlock: "3px solid transparent",
              "&.active": { color: "#FFFDF8", fontWeight: 700, borderBottomColor: "#E9A63A" },
              "&:focus-visible": { outlineColor: "#E9A63A" },
            }}
          >
            {words.places[place]}
          </Box>
        ))}
      </Box>
      <PersonMenu />
    </Box>
  );
}

function ClassSwitcher({ classId }: { classId: number }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const classes = (useQuery(classesQuery).data?.classes ?? []).filter(
    (each) => !each.archived || each.id === classId,
  );
  const role = useRole(classId);
  const navigate = useNavigate();
  const go = (path: string) => {
    setAnchor(null);
    navigate(path);
  };
  return (
    <>
      <ButtonBase
        aria-haspopup="menu"
        aria-label={`${words.switchClass}: ${classes.find((each) => each.id === classId)?.name ?? ""}`}
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{
          bgcolor: "#4A3355",
          borderRadius: 99,
          px: 1.5,
          py: 0.6,
          font: "inherit",
          whiteSpace: "nowrap",
        }}
      >
        {classes.find((each) => each.id === classId)?.name ?? "…"} ▾
      </ButtonBase>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {classes.map((each) => (
          <MenuItem
            key={each.id}
            selected={each.id === classId}
            onClick={() => go(`/classes/${each.id}/students`)}
          >
            {each.name} · {each.students}
          </MenuItem>
        ))}
        {role !== "GROUP_SUPPORT" && (
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

function PersonMenu() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const name = useQuery(sessionQuery).data?.displayName ?? "";
  return (
    <>
      <ButtonBase
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ font: "inherit" }}
      >
        {name}
      </ButtonBase>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem component={Link} to="/school" onClick={() => setAnchor(null)}>
          {words.school}
        </MenuItem>
        <MenuItem onClick={signOut}>{words.signOut}</MenuItem>
      </Menu>
    </>
  );
}
