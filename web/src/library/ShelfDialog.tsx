import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { shelfQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { useNotice } from "../shell/Notice";
import { LinkMark } from "./Hits";
import { StarButton } from "./StarButton";
import { shelfWords as words } from "./shelfWords";
import type { FocusedGroup } from "./useFocusedGroup";

type Shelf = Schemas["Shelf"];
type Entries = Schemas["ShelfPlace"][];

const entriesOf = (shelf: Shelf): Entries =>
  shelf.entries.map(({ itemId, starred }) => ({ itemId, starred }));

/** A group's shelf in its order: moved, starred, taken off, or the whole list swapped at once; each with its way back. */
export function ShelfDialog({ group, onClose }: { group: FocusedGroup; onClose: () => void }) {
  const query = shelfQuery(group.id);
  const shelf = useQuery(query).data;
  const tell = useNotice();
  // A notice behind the dialog cannot be reached by keyboard, so the way back stands in the dialog.
  const [before, setBefore] = useState<Entries | null>(null);
  const swap = useMutation({
    mutationFn: ({ now, wanted }: { now: Shelf; wanted: Entries }) =>
      data<Shelf>(
        api.PUT("/api/groups/{groupId}/shelf", {
          params: { path: { groupId: group.id } },
          body: { entries: wanted, now: now.entries.map((entry) => entry.itemId) },
        }),
      ),
    onSuccess: (after, { now }) => {
      queryClient.setQueryData(query.queryKey, after);
      setBefore(entriesOf(now));
    },
    onError: (error) => {
      queryClient.invalidateQueries({ queryKey: query.queryKey });
      tell(error.message);
    },
  });
  const put = (wanted: Entries) => shelf && swap.mutate({ now: shelf, wanted });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="shelf-title">
      <DialogTitle id="shelf-title" sx={{ display: "flex", gap: 1, alignItems: "center" }}>
        <GroupShape look={group.look} /> {words.title({ group: group.name })}
      </DialogTitle>
      <DialogContent>
        <Box sx={{ color: "var(--z-soft)", mb: 1 }}>{words.about}</Box>
        {shelf?.entries.length === 0 && <p>{words.empty}</p>}
        <Box component="ol" sx={{ listStyle: "none", p: 0, m: 0 }}>
          {shelf?.entries.map((entry, i) => (
            <EntryRow
              key={entry.itemId}
              entry={entry}
              place={i}
              entries={entriesOf(shelf)}
              mayChange={shelf.mayChange}
              onPut={put}
            />
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        {shelf?.mayChange && <SwapMenu group={group} onSwap={put} />}
        {before && (
          <>
            <Box role="status" sx={{ color: "var(--z-soft)" }}>
              {words.changed}
            </Box>
            <Button onClick={() => put(before)}>{words.undo}</Button>
          </>
        )}
        <Box sx={{ flex: 1 }} />
        <Button variant="contained" onClick={onClose}>
          {words.done}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface RowProps {
  entry: Schemas["OnShelf"];
  place: number;
  entries: Entries;
  mayChange: boolean;
  onPut: (wanted: Entries) => void;
}

function EntryRow({ entry, place, entries, mayChange, onPut }: RowProps) {
  const moveTo = (to: number) => {
    const next = [...entries];
    const [taken] = next.splice(place, 1);
    if (taken) {
      // Starred ones stand first, so a move past them stars or unstars as its neighbours are.
      next.splice(to, 0, { ...taken, starred: entries[to]?.starred ?? taken.starred });
    }
    onPut(next);
  };
  return (
    <Box
      component="li"
      sx={{ display: "flex", alignItems: "center", gap: 0.5, borderTop: "1px solid var(--z-line)", py: 0.5 }}
    >
      {mayChange && (
        <StarButton
          title={entry.title}
          on={entry.starred}
          onToggle={() =>
            onPut(entries.map((each, i) => (i === place ? { ...each, starred: !each.starred } : each)))
          }
        />
      )}
      <Box sx={{ flex: 1 }}>
        <b>{entry.title}</b> {entry.link && entry.link !== "GOOD" && <LinkMark state={entry.link} />}
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.entry(entry)}</Box>
      </Box>
      {mayChange && (
        <>
          <IconButton
            size="small"
            aria-label={words.up({ title: entry.title })}
            disabled={place === 0}
            onClick={() => moveTo(place - 1)}
          >
            ↑
          </IconButton>
          <IconButton
            size="small"
            aria-label={words.down({ title: entry.title })}
            disabled={place === entries.length - 1}
            onClick={() => moveTo(place + 1)}
          >
            ↓
          </IconButton>
          <IconButton
            size="small"
            aria-label={words.takeOff({ title: entry.title })}
            onClick={() => onPut(entries.filter((_, i) => i !== place))}
          >
            ×
          </IconButton>
        </>
      )}
    </Box>
  );
}

/** Swaps the whole list for another group's, or empties it. */
function SwapMenu({ group, onSwap }: { group: FocusedGroup; onSwap: (wanted: Entries) => void }) {
  const { arrangement } = useFocus();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const others = (arrangement?.groups ?? []).filter((each) => each.id !== group.id);
  const take = async (groupId: number | null) => {
    setAnchor(null);
    onSwap(groupId === null ? [] : entriesOf(await queryClient.fetchQuery(shelfQuery(groupId))));
  };
  return (
    <>
      <Button aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {words.swap}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {others.map((other) => (
          <MenuItem key={other.id} sx={{ gap: 1 }} onClick={() => take(other.id)}>
            <GroupShape look={other.look} /> {words.like({ group: other.name })}
          </MenuItem>
        ))}
        <MenuItem onClick={() => take(null)}>{words.clear}</MenuItem>
      </Menu>
    </>
  );
}
