import Box from "@mui/material/Box";
import { NavLink } from "react-router";
import { HelpButton } from "../help/HelpButton";
import { Mark } from "../shell/Mark";
import { useLedGroupsAlone } from "../shell/role";
import { words } from "../shell/words";
import { ClassSwitcher } from "./ClassSwitcher";
import { PersonMenu } from "./PersonMenu";

const places = ["today", "students", "arrange", "library", "plan", "progress"] as const;
const placesOfLedGroups = ["students", "progress", "corners"] as const;

/** @param classId the class whose places are shown; none on pages that belong to no class */
export function TopBar({ classId }: { classId?: number }) {
  return (
    <Box
      component="header"
      className="no-print"
      sx={{
        bgcolor: "var(--z-bar)",
        color: "var(--z-onBar)",
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
      {classId === undefined ? <Box sx={{ flex: 1 }} /> : <Places classId={classId} />}
      <HelpButton />
      <PersonMenu />
    </Box>
  );
}

function Places({ classId }: { classId: number }) {
  const shown = useLedGroupsAlone(classId) ? placesOfLedGroups : places;
  return (
    <Box component="nav" sx={{ display: "flex", gap: { xs: 1.5, md: 2.75 }, height: "100%", flex: 1 }}>
      {shown.map((place) => (
        <Box
          key={place}
          component={NavLink}
          to={`/classes/${classId}/${place}`}
          sx={{
            color: "var(--z-onBarSoft)",
            textDecoration: "none",
            display: "flex",
            alignItems: "center",
            borderBlock: "3px solid transparent",
            "&.active": { color: "var(--z-onBar)", fontWeight: 700, borderBottomColor: "var(--z-action)" },
            "&:focus-visible": { outlineColor: "var(--z-action)" },
          }}
        >
          {words.places[place]}
        </Box>
      ))}
    </Box>
  );
}
