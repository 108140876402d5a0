import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { RefObject } from "react";
import { useReadAloud } from "../asked/useReadAloud";
import { words } from "./words";

interface Props {
  part: RefObject<HTMLElement | null>;
  language: string;
}

/** Reads aloud what is in sight of the work, or says that this device cannot. */
export function ReadToMe({ part, language }: Props) {
  const { voice, speaking, failed, speak, stop } = useReadAloud(part, language);
  if (voice === "none") {
    return <Box sx={{ fontSize: "0.8em", color: "var(--z-soft)", maxWidth: "16em" }}>{words.noVoice}</Box>;
  }
  return (
    <>
      <Button
        disabled={voice === "looking"}
        onClick={speaking ? stop : speak}
        sx={{ fontSize: "0.94em", minHeight: 40 }}
      >
        {speaking ? `◼ ${words.stopReading}` : `▸ ${words.readAloud}`}
      </Button>
      <Box role="status" data-silent sx={{ fontSize: "0.8em", color: "var(--z-soft)" }}>
        {failed && words.voiceFailed}
      </Box>
    </>
  );
}
