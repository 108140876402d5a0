import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api } from "../api/client";
import { myFeedsQuery } from "../api/planQueries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

/** The student's own work in a calendar program: a file, or an address until it is stopped. */
export default function MyCalendar() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button variant="text" sx={{ fontSize: "0.88em" }} onClick={() => setOpen(true)}>
        {words.calendar.button}
      </Button>
      {open && <CalendarDialog onClose={() => setOpen(false)} />}
    </>
  );
}

function CalendarDialog({ onClose }: { onClose: () => void }) {
  const feeds = useQuery(myFeedsQuery).data ?? [];
  const tell = useNotice();
  const settle = {
    onSettled: () => queryClient.invalidateQueries({ queryKey: myFeedsQuery.queryKey }),
    onError: (error: Error) => tell(error.message),
  };
  const make = useMutation({ mutationFn: () => api.POST("/api/my/calendar/feeds"), ...settle });
  const stop = useMutation({ mutationFn: () => api.DELETE("/api/my/calendar/feeds"), ...settle });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="my-calendar">
      <DialogTitle id="my-calendar">{words.calendar.title}</DialogTitle>
      <DialogContent sx={{ fontSize: "var(--z-text)", display: "grid", gap: 1.5 }}>
        <Box>{words.calendar.about}</Box>
        {feeds.map((feed) => (
          <Box key={feed.id} sx={{ overflowWrap: "anywhere", fontSize: "0.88em" }}>
            {window.location.origin}
            {feed.address}
          </Box>
        ))}
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
          {feeds.length === 0 ? (
            <Button disabled={make.isPending} onClick={() => make.mutate()}>
              {words.calendar.make}
            </Button>
          ) : (
            <Button disabled={stop.isPending} onClick={() => stop.mutate()}>
              {words.calendar.stop}
            </Button>
          )}
          <Button component="a" href="/api/my/calendar.ics">
            {words.calendar.file}
          </Button>
        </Box>
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.calendar.close}</Button>
      </DialogActions>
    </Dialog>
  );
}
