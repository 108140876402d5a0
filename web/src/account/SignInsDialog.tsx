import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { queryOptions, useMutation, useQuery } from "@tanstack/react-query";
import { api, data } from "../api/client";
import { classesQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { dayAndTimeInZone } from "../shell/dates";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

const signInsQuery = queryOptions({
  queryKey: ["account", "sign-ins"],
  queryFn: () => data(api.GET("/api/account/sign-ins")),
});

/** Every browser in which the adult is signed in; each can be ended from here. */
export default function SignInsDialog({ onClose }: { onClose: () => void }) {
  const tell = useNotice();
  const zone = useQuery(classesQuery).data?.zone ?? "UTC";
  const moment = (instant: string) => dayAndTimeInZone(instant, zone);
  const places = useQuery(signInsQuery).data;
  const after = (said: string) => {
    queryClient.invalidateQueries({ queryKey: signInsQuery.queryKey });
    tell(said);
  };
  const end = useMutation({
    mutationFn: (key: string) => api.DELETE("/api/account/sign-ins/{key}", { params: { path: { key } } }),
    onSuccess: () => after(words.ended),
    onError: (error) => tell(error.message),
  });
  const endAll = useMutation({
    mutationFn: () => api.POST("/api/account/sign-out-everywhere"),
    onSuccess: () => after(words.endedEverywhere),
    onError: (error) => tell(error.message),
  });
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>{words.title}</DialogTitle>
      <DialogContent>
        <Box sx={{ mb: 1.5 }}>{words.about}</Box>
        {!places && <Waiting />}
        <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
          {places?.map((place) => (
            <Box
              component="li"
              key={place.key}
              sx={{
                display: "flex",
                alignItems: "center",
                gap: 1.5,
                flexWrap: "wrap",
                py: 1,
                borderTop: "1px solid var(--z-line)",
              }}
            >
              <Box sx={{ flex: 1, minWidth: 200 }}>
                <b>{place.device}</b>
                <Box sx={{ color: "var(--z-soft)", fontSize: 13 }}>
                  {words.since({ when: moment(place.since) })} ·{" "}
                  {words.lastSeen({ when: moment(place.lastSeen) })}
                </Box>
              </Box>
              {place.here ? (
                <Box sx={{ color: "var(--z-soft)" }}>{words.here}</Box>
              ) : (
                <Button
                  aria-label={words.endOf({ device: place.device, when: moment(place.since) })}
                  disabled={end.isPending}
                  onClick={() => end.mutate(place.key)}
                >
                  {words.end}
                </Button>
              )}
            </Box>
          ))}
        </Box>
      </DialogContent>
      <DialogActions sx={{ px: 3, pb: 2 }}>
        <Button
          disabled={endAll.isPending || (places?.length ?? 0) < 2}
          onClick={() => endAll.mutate()}
          sx={{ mr: "auto" }}
        >
          {words.everywhere}
        </Button>
        <Button variant="contained" onClick={onClose}>
          {words.done}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
