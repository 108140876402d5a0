import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { studentGroupsQuery } from "../api/queries";
import { day } from "../shell/dates";
import { GroupShape } from "../shell/GroupShape";
import { Part } from "./Part";
import { words } from "./words";

/** The groups a student is in, and those they were in before. */
export function GroupsPart({ studentId }: { studentId: number }) {
  const stays = useQuery(studentGroupsQuery(studentId)).data ?? [];
  const now = stays.filter((each) => each.to === undefined);
  const past = stays.filter((each) => each.to !== undefined).slice(0, 3);
  return (
    <Part title={words.groups}>
      {now.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.noGroups}</Box>}
      {now.map((each) => (
        <Box key={each.arrangement + each.from}>
          <GroupShape look={each.look} size={11} /> {each.group}{" "}
          <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
            {each.arrangement} · {words.since({ day: day(each.from) })}
          </Box>
        </Box>
      ))}
      {past.map((each) => (
        <Box key={each.arrangement + each.from} sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
          {words.before({ group: each.group, day: day(each.to ?? "") })}
        </Box>
      ))}
    </Part>
  );
}
