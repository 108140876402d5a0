import Box from "@mui/material/Box";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { words } from "./words";

interface Props {
  corners: Schemas["CornerCard"][];
  chosen: number | undefined;
}

/** Every corner with what is new in it; what a student reported comes first. */
export function CornerList({ corners, chosen }: Props) {
  const { classId } = useFocus();
  return (
    <Box component="nav" aria-label={words.all} sx={{ display: "grid", gap: 0.75 }}>
      {corners.map((corner) => (
        <Box
          key={corner.id}
          component={Link}
          to={`/classes/${classId}/corners/${corner.id}`}
          aria-current={corner.id === chosen ? "page" : undefined}
          sx={{
            p: 1.25,
            borderRadius: "12px",
            border: "1px solid var(--z-line)",
            bgcolor: corner.id === chosen ? "var(--z-aubergineWash)" : "var(--z-card)",
            borderColor: corner.id === chosen ? "var(--z-aubergine)" : undefined,
            color: "inherit",
            textDecoration: "none",
          }}
        >
          <Box sx={{ display: "flex", alignItems: "center", gap: 1, fontWeight: 700 }}>
            <GroupShape look={corner.look} size={13} />
            <Box sx={{ flex: 1 }}>{corner.group}</Box>
            {corner.reported > 0 && (
              <Box component="span" sx={{ color: "var(--z-clayText)", fontSize: 12.5 }}>
                {words.reported({ count: corner.reported })}
              </Box>
            )}
            {corner.unread > 0 && (
              <Box component="span" sx={{ color: "var(--z-saffron)", fontSize: 12.5 }}>
                {words.unread({ count: corner.unread })}
              </Box>
            )}
          </Box>
          <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
            {corner.arrangement} · {words.students({ count: corner.students })}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
