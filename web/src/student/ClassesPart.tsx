import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { Part } from "./Part";
import { words } from "./words";

interface Props {
  stays: readonly Schemas["ClassStay"][];
  onTakeOut: (classId: number, name: string) => void;
}

/** The classes of a student of several, each to be left. */
export function ClassesPart({ stays, onTakeOut }: Props) {
  const classes = useQuery(classesQuery).data?.classes ?? [];
  const mayChange = (classId: number) =>
    classes.some((each) => each.id === classId && (each.role === "OWNER" || each.role === "CO_TEACHER"));
  return (
    <Part title={words.classes}>
      {stays.map((stay) => (
        <Box key={stay.classId} sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
          <Box sx={{ flex: 1 }}>{stay.name}</Box>
          {mayChange(stay.classId) && (
            <Button
              variant="text"
              size="small"
              aria-label={words.takeOutOf({ name: stay.name })}
              onClick={() => onTakeOut(stay.classId, stay.name)}
            >
              {words.takeOut}
            </Button>
          )}
        </Box>
      ))}
    </Part>
  );
}
