import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Entry } from "../outbox/entry";
import { outbox } from "../outbox/mine";
import { words } from "./words";

interface Props {
  /** Given here, while another device changed the same. */
  entry: Entry;
  /** What was given here, in words. */
  here: string;
}

/** Asks which of two answers is to count; what is in sight is the one that is saved. */
export function Elsewhere({ entry, here }: Props) {
  return (
    <Box
      role="alert"
      sx={{ mt: 2, p: 1.5, borderRadius: "12px", bgcolor: "var(--z-saffronWash)", display: "grid", gap: 1 }}
    >
      <Box>{words.elsewhere}</Box>
      <Box sx={{ overflowWrap: "anywhere" }}>
        <b>{words.here}</b> {here || words.noAnswer}
      </Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        <Button sx={{ minHeight: 44 }} onClick={() => void outbox.insist(entry)}>
          {words.useHere}
        </Button>
        <Button sx={{ minHeight: 44 }} onClick={() => void outbox.drop(entry)}>
          {words.keepThere}
        </Button>
      </Box>
    </Box>
  );
}
