import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api, type Schemas } from "../../api/client";
import { feedsQuery } from "../../api/planQueries";
import { queryClient } from "../../api/queryClient";
import { useFocusedGroup } from "../../library/useFocusedGroup";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { words } from "./words";

/** Addresses for calendar programs: made, copied and stopped. */
export function FeedsDialog({ onClose }: { onClose: () => void }) {
  const { classId } = useFocus();
  const group = useFocusedGroup();
  const feeds = useQuery(feedsQuery).data ?? [];
  const tell = useNotice();
  const settle = () => queryClient.invalidateQueries({ queryKey: feedsQuery.queryKey });
  const onError = (error: Error) => tell(error.message);
  const make = useMutation({
    mutationFn: (body: Schemas["NewFeed"]) => api.POST("/api/calendar/feeds", { body }),
    onSettled: settle,
    onError,
  });
  const stop = useMutation({
    mutationFn: (feedId: number) =>
      api.DELETE("/api/calendar/feeds/{feedId}", { params: { path: { feedId } } }),
    onSuccess: () => tell(words.feeds.stopped),
    onSettled: settle,
    onError,
  });
  const copy = async (address: string) => {
    await navigator.clipboard.writeText(address);
    tell(words.feeds.copied);
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="feeds-title">
      <DialogTitle id="feeds-title">{words.feeds.title}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5 }}>
        <Box>{words.feeds.about}</Box>
        {feeds.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.feeds.none}</Box>}
        {feeds.map((feed) => {
          const address = `${window.location.origin}${feed.address}`;
          return (
            <Box key={feed.id} sx={{ display: "flex", gap: 1, alignItems: "center" }}>
              <Box sx={{ flex: 1, minWidth: 0 }}>
                <b>{feed.name}</b>
                <Box sx={{ fontSize: 12.5, overflowWrap: "anywhere" }}>{address}</Box>
              </Box>
              {"clipboard" in navigator && (
                <Button size="small" onClick={() => copy(address)}>
                  {words.feeds.copy}
                </Button>
              )}
              <Button
                size="small"
                aria-label={words.feeds.stop({ name: feed.name })}
                onClick={() => stop.mutate(feed.id)}
              >
                {words.feeds.stopShort}
              </Button>
            </Box>
          );
        })}
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, alignItems: "center" }}>
          <Box component="span" sx={{ fontWeight: 700 }}>
            {words.feeds.make}:
          </Box>
          <Button size="small" onClick={() => make.mutate({})}>
            {words.feeds.all}
          </Button>
          <Button size="small" onClick={() => make.mutate({ classId })}>
            {words.feeds.thisClass}
          </Button>
          {group && (
            <Button size="small" onClick={() => make.mutate({ groupId: group.id })}>
              {words.feeds.group({ name: group.name })}
            </Button>
          )}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button component="a" href={`/api/classes/${classId}/calendar.ics`}>
          {words.feeds.download}
        </Button>
        <Button onClick={onClose}>{words.cancel}</Button>
      </DialogActions>
    </Dialog>
  );
}
