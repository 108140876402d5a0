import Box from "@mui/material/Box";
import { useState } from "react";
import { Failed } from "../shell/Part";
import { words } from "./words";

/** A picture; where it does not come, its name stands in its place, and it can be asked for again. */
export function Picture({ address, title }: { address: string; title: string }) {
  const [round, setRound] = useState({ attempt: 0, failed: false });
  if (round.failed) {
    return (
      <Failed
        name={words.picture({ title })}
        onAgain={() => setRound(({ attempt }) => ({ attempt: attempt + 1, failed: false }))}
      />
    );
  }
  return (
    <Box
      key={round.attempt}
      component="img"
      src={address}
      alt={title}
      onError={() => setRound(({ attempt }) => ({ attempt, failed: true }))}
      sx={{ maxWidth: "100%", borderRadius: "8px", mt: 1 }}
    />
  );
}
