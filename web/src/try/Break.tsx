import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation } from "@tanstack/react-query";
import { api, data } from "../api/client";
import { queryClient } from "../api/queryClient";
import { stamped } from "../api/stamp";
import { useNotice } from "../shell/Notice";
import type { TryClock } from "./useTryClock";
import { words } from "./words";

function useBreak(tryId: number) {
  const tell = useNotice();
  return useMutation({
    mutationFn: async (begin: boolean) =>
      stamped(
        await data(api.POST("/api/my/tries/{tryId}/break", { params: { path: { tryId } }, body: { begin } })),
      ),
    onSuccess: (clock) => queryClient.setQueryData(["my", "try", tryId, "clock"], clock),
    onError: (error) => tell(error.message),
  });
}

/** Stops the clock, where breaks are granted and some of them is left. */
export function BreakButton({ tryId, clock: { face } }: { tryId: number; clock: TryClock }) {
  const take = useBreak(tryId);
  if (face.left === undefined || face.breakLeft === 0 || face.breakGoesOn !== undefined) {
    return null;
  }
  return (
    <Button
      disabled={take.isPending}
      onClick={() => take.mutate(true)}
      sx={{ fontSize: "0.94em", minHeight: 40 }}
    >
      {words.break(face.breakLeft)}
    </Button>
  );
}

/** In place of the work while a break lasts. */
export function OnBreak({ tryId, seconds }: { tryId: number; seconds: number }) {
  const take = useBreak(tryId);
  return (
    <Box
      component="main"
      sx={{ flex: 1, display: "grid", placeContent: "center", justifyItems: "center", gap: 2, p: 3 }}
    >
      <Box component="h2" sx={{ fontSize: "1.4em" }}>
        {words.breakTitle}
      </Box>
      <Box role="timer" sx={{ textAlign: "center" }}>
        {words.breakGoesOn(seconds)}
      </Box>
      <Button
        size="large"
        variant="contained"
        autoFocus
        disabled={take.isPending}
        onClick={() => take.mutate(false)}
      >
        {words.breakEnd}
      </Button>
    </Box>
  );
}
