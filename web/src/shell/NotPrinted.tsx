import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { notPrintedQuery } from "../api/queries";
import { useLedGroupsAlone } from "./role";
import { words } from "./words";

/** Says before anything is printed which names have letters that paper cannot show. */
export function NotPrinted({ classId }: { classId: number }) {
  const groupsAlone = useLedGroupsAlone(classId);
  const names =
    useQuery({ ...notPrintedQuery(classId), enabled: groupsAlone === false, throwOnError: false }).data ?? [];
  return names.length === 0 ? null : (
    <Box
      role="note"
      className="no-print"
      sx={{
        color: "var(--z-text)",
        maxWidth: 760,
        px: 1.5,
        py: 0.75,
        borderLeft: 4,
        borderColor: "var(--z-ink)",
        bgcolor: "var(--z-sunk)",
      }}
    >
      {words.notPrinted({ names })}
    </Box>
  );
}
