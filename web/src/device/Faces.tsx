import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { Keys } from "./Keys";
import { Picture } from "./Picture";
import { words } from "./words";

interface Props {
  faces: Schemas["Face"][];
  pending: boolean;
  onSignIn: (face: number, pin: string) => void;
}

/** Those who may come back on this device, by picture alone; then the number. */
export function Faces({ faces, pending, onSignIn }: Props) {
  const [face, setFace] = useState<Schemas["Face"]>();
  const [pin, setPin] = useState("");
  if (!face) {
    return (
      <Box sx={{ display: "grid", gap: 1 }}>
        <Box sx={{ fontSize: 17 }}>{words.who}</Box>
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
          {faces.map((each) => (
            <Button
              key={each.id}
              aria-label={words.face({ picture: words.pictures[each.picture] ?? "" })}
              onClick={() => setFace(each)}
              sx={{ borderRadius: "12px", p: 1 }}
            >
              <Picture which={each.picture} />
            </Button>
          ))}
        </Box>
      </Box>
    );
  }
  return (
    <Box sx={{ display: "grid", gap: 1.5, justifyItems: "center" }}>
      <Button variant="text" onClick={() => setFace(undefined)} aria-label={words.who}>
        <Picture which={face.picture} size={72} />
      </Button>
      <input
        aria-label={words.pin}
        type="password"
        inputMode="numeric"
        autoComplete="off"
        // The number is what is asked for now, and nothing else.
        // biome-ignore lint/a11y/noAutofocus: the picture was chosen a moment ago
        autoFocus
        value={pin}
        onChange={(event) => setPin(event.target.value.replace(/\D/g, "").slice(0, 4))}
        style={{
          font: "inherit",
          fontSize: 32,
          width: 150,
          textAlign: "center",
          letterSpacing: 10,
          border: "1px solid var(--z-line)",
          borderRadius: 12,
          background: "var(--z-card)",
          color: "var(--z-ink)",
        }}
      />
      <Box sx={{ width: 240 }}>
        <Keys
          signs="1234567890"
          columns={3}
          onSign={(sign) => setPin((before) => (before + sign).slice(0, 4))}
          onDelete={() => setPin((before) => before.slice(0, -1))}
        />
      </Box>
      <Button
        variant="contained"
        size="large"
        disabled={pin.length !== 4 || pending}
        onClick={() => {
          onSignIn(face.id, pin);
          setPin("");
        }}
        sx={{ py: 1, width: "100%" }}
      >
        {words.go}
      </Button>
    </Box>
  );
}
