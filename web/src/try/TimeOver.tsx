import Box from "@mui/material/Box";
import { useSaveState } from "./useAnswers";
import { words } from "./words";

/** In place of the work from the moment the time is over until the server's word about it is here. */
export function TimeOver({ tryId }: { tryId: number }) {
  const state = useSaveState(tryId);
  const offline = state !== "saved" && state !== "saving";
  return (
    <Box
      component="main"
      sx={{ flex: 1, display: "grid", placeContent: "center", gap: 1, p: 3, maxWidth: 560, mx: "auto" }}
    >
      <Box component="h2" sx={{ fontSize: "1.4em" }}>
        {words.timeOver}
      </Box>
      <Box role="status">{offline ? words.timeOverWaits : words.timeOverSends}</Box>
    </Box>
  );
}
