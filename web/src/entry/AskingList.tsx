import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { ReactNode } from "react";
import { words } from "./words";

interface Props<T> {
  title: string;
  asking: readonly T[];
  name: (who: T) => ReactNode;
  about: (who: T) => string;
  onDecide: (who: T, letIn: boolean) => void;
}

/** Who asks to come in; each is let in or turned away here. */
export function AskingList<T extends { id: number }>({ title, asking, name, about, onDecide }: Props<T>) {
  return (
    <Box component="section" aria-label={title}>
      <Box component="h3" sx={{ fontSize: 14 }}>
        {title}
      </Box>
      {asking.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.nobody}</Box>}
      {asking.map((who) => (
        <Box key={who.id} sx={{ display: "flex", gap: 1, alignItems: "center", py: 0.5 }}>
          <Box sx={{ flex: 1 }}>
            {name(who)}{" "}
            <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
              {about(who)}
            </Box>
          </Box>
          <Button onClick={() => onDecide(who, true)}>{words.letIn}</Button>
          <Button onClick={() => onDecide(who, false)}>{words.turnAway}</Button>
        </Box>
      ))}
    </Box>
  );
}
