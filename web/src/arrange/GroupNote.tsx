import Box from "@mui/material/Box";
import { useEffect, useState } from "react";
import type { Schemas } from "../api/client";
import { useMayChange } from "../shell/role";
import { words } from "./words";

/** The teacher's note on a group; kept when the field is left. */
export function GroupNote({
  group,
  onKeep,
}: {
  group: Schemas["BenchGroup"];
  onKeep: (text: string) => void;
}) {
  const [text, setText] = useState(group.note);
  const mayChange = useMayChange();
  useEffect(() => setText(group.note), [group.note]);
  return (
    <Box
      component="textarea"
      rows={2}
      maxLength={500}
      aria-label={words.noteFor({ group: group.name })}
      placeholder={mayChange ? `✎ ${words.note}` : undefined}
      readOnly={!mayChange}
      value={text}
      onChange={(event: React.ChangeEvent<HTMLTextAreaElement>) => setText(event.target.value)}
      onBlur={() => text.trim() !== group.note && onKeep(text.trim())}
      sx={{
        font: "inherit",
        fontSize: 12.5,
        color: "var(--z-soft)",
        bgcolor: "transparent",
        border: "1px solid transparent",
        borderRadius: "8px",
        resize: "none",
        p: 0.5,
        "&:hover, &:focus": { borderColor: "var(--z-line)" },
        "&::placeholder": { color: "var(--z-soft)" },
      }}
    />
  );
}
