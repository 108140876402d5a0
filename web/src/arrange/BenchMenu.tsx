import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, type Schemas } from "../api/client";
import { useNotice } from "../shell/Notice";
import { useMayChange } from "../shell/role";
import { CopyDialog } from "./CopyDialog";
import { DetailsDialog } from "./DetailsDialog";
import { HistoryDialog } from "./HistoryDialog";
import { NamesDialog } from "./NamesDialog";
import type { Command } from "./useBenchStep";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  onCommand: (command: Command, said?: string) => void;
  onCompareStep: (step: number) => void;
}

type Open = "details" | "names" | "history" | "copy" | "putAway";

/** What is done with a bench less often. */
export function BenchMenu({ bench, onCommand, onCompareStep }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [open, setOpen] = useState<Open | null>(null);
  const mayChange = useMayChange();
  const choose = (what: Open) => {
    setAnchor(null);
    setOpen(what);
  };
  const close = () => setOpen(null);
  return (
    <>
      <Button aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {words.more}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {mayChange && <MenuItem onClick={() => choose("details")}>{words.details.open}</MenuItem>}
        {mayChange && <MenuItem onClick={() => choose("names")}>{words.names.open}</MenuItem>}
        {mayChange && <MenuItem onClick={() => choose("history")}>{words.history.open}</MenuItem>}
        <MenuItem component={Link} to={`/classes/${bench.classId}/arrange/${bench.id}/lists`}>
          {words.lists.open}
        </MenuItem>
        {mayChange && <MenuItem onClick={() => choose("copy")}>{words.copy.open}</MenuItem>}
        {mayChange && <MenuItem onClick={() => choose("putAway")}>{words.putAway.open}</MenuItem>}
      </Menu>
      {open === "details" && <DetailsDialog bench={bench} onClose={close} />}
      {open === "names" && <NamesDialog bench={bench} onCommand={onCommand} onClose={close} />}
      {open === "history" && (
        <HistoryDialog
          bench={bench}
          onCommand={onCommand}
          onCompare={(step) => {
            close();
            onCompareStep(step);
          }}
          onClose={close}
        />
      )}
      {open === "copy" && <CopyDialog bench={bench} onClose={close} />}
      {open === "putAway" && <PutAwayDialog bench={bench} onClose={close} />}
    </>
  );
}

function PutAwayDialog({ bench, onClose }: { bench: Schemas["BenchView"]; onClose: () => void }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const tell = useNotice();
  const path = { params: { path: { arrangementId: bench.id } } };
  const refresh = () => queries.invalidateQueries({ queryKey: ["class"] });
  const restore = useMutation({
    mutationFn: () => api.POST("/api/arrangements/{arrangementId}/restored", path),
    onSuccess: refresh,
    onError: (error) => tell(error.message),
  });
  const putAway = useMutation({
    mutationFn: () => api.DELETE("/api/arrangements/{arrangementId}", path),
    onSuccess: () => {
      refresh();
      tell(words.putAway.done({ name: bench.name }), () => restore.mutate());
      navigate(`/classes/${bench.classId}/arrange`);
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Dialog open onClose={onClose} aria-labelledby="put-away-title">
      <DialogTitle id="put-away-title">{words.putAway.title({ name: bench.name })}</DialogTitle>
      <DialogContent>{words.putAway.about}</DialogContent>
      <DialogActions>
        <Button onClick={onClose} autoFocus>
          {words.cancel}
        </Button>
        <Button variant="contained" onClick={() => putAway.mutate()} disabled={putAway.isPending}>
          {words.putAway.go}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
