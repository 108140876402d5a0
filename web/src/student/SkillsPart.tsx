import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { studentSkillsQuery } from "../api/queries";
import { Part } from "./Part";
import { skillStatus, words } from "./words";

/** Where a student stands on the skills that were seen. */
export function SkillsPart({ studentId }: { studentId: number }) {
  const standing = useQuery(studentSkillsQuery(studentId)).data ?? [];
  if (standing.length === 0) {
    return null;
  }
  return (
    <Part title={words.skills}>
      {standing.map((each) => (
        <Box key={each.skill} sx={{ display: "flex", gap: 1 }}>
          <Box sx={{ flex: 1 }}>{each.skill}</Box>
          <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{skillStatus[each.status]}</Box>
        </Box>
      ))}
    </Part>
  );
}
