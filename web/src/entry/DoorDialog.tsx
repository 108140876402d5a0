import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import Switch from "@mui/material/Switch";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { doorQuery, pictureEntryQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { AskingForGroups } from "./AskingForGroups";
import { AskingList } from "./AskingList";
import { DoorCode } from "./DoorCode";
import { type Known, KnownName } from "./KnownName";
import { words } from "./words";

/** The door of a class: open or closed, its code and password, and who asks. */
export function DoorDialog({ classId, onClose }: { classId: number; onClose: () => void }) {
  const door = useQuery(doorQuery(classId)).data;
  const [password, setPassword] = useState("");
  const set = useMutation({
    mutationFn: (opened: boolean) =>
      api.PUT("/api/classes/{classId}/door", {
        params: { path: { classId } },
        body: { opened, password: password || undefined },
      }),
    onSuccess: () => {
      setPassword("");
      queryClient.invalidateQueries({ queryKey: doorQuery(classId).queryKey });
    },
  });
  if (!door) {
    return null;
  }
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth>
      <DialogTitle>{words.doorTitle}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <Box>{words.doorHelp}</Box>
        {door.code && <DoorCode label={words.code} code={door.code} opened={door.opened} />}
        <Box sx={{ display: "flex", gap: 1, alignItems: "start" }}>
          <TextField
            label={door.code ? words.newPassword : words.password}
            helperText={set.error?.message ?? words.passwordHelp}
            error={set.isError}
            value={password}
            onChange={(event) => setPassword(event.target.value)}
          />
          {door.opened ? (
            <Button onClick={() => set.mutate(false)}>{words.close}</Button>
          ) : (
            <Button
              variant="contained"
              disabled={!door.code && password === ""}
              onClick={() => set.mutate(true)}
            >
              {words.open}
            </Button>
          )}
        </Box>
        <PictureEntry classId={classId} />
        <Asking classId={classId} asking={door.asking} />
        {door.askingForGroups.length > 0 && (
          <AskingForGroups asking={door.askingForGroups} title={words.askingForGroups} />
        )}
        <Box>
          <Button onClick={onClose}>{words.done}</Button>
        </Box>
      </DialogContent>
    </Dialog>
  );
}

/** Whether students may come back by picture; a switch that can be set back at once. */
function PictureEntry({ classId }: { classId: number }) {
  const tell = useNotice();
  const query = pictureEntryQuery(classId);
  const allowed = useQuery(query).data?.allowed ?? false;
  const set = useMutation({
    mutationFn: (wanted: boolean) =>
      api.PUT("/api/classes/{classId}/picture-entry", {
        params: { path: { classId } },
        body: { allowed: wanted },
      }),
    onSuccess: (_, wanted) => {
      queryClient.invalidateQueries({ queryKey: query.queryKey });
      tell(words.pictureEntryKept(wanted), () => set.mutate(!wanted));
    },
    onError: (error) => tell(error.message),
  });
  return (
    <FormControlLabel
      control={<Switch checked={allowed} onChange={(event) => set.mutate(event.target.checked)} />}
      label={words.pictureEntry}
    />
  );
}

function Asking({ classId, asking }: { classId: number; asking: Schemas["AskingShown"][] }) {
  const tell = useNotice();
  const [known, setKnown] = useState<Schemas["AskingShown"] | null>(null);
  const decide = useMutation({
    mutationFn: (asked: { who: Schemas["AskingShown"]; letIn: boolean; known?: Known }) => {
      const path = { params: { path: { classId, requestId: asked.who.id } } };
      return asked.letIn
        ? api.POST("/api/classes/{classId}/door/{requestId}/let-in", { ...path, body: { who: asked.known } })
        : api.POST("/api/classes/{classId}/door/{requestId}/turn-away", path);
    },
    onSuccess: (_, { who, letIn }) => {
      queryClient.invalidateQueries({ queryKey: ["class", classId] });
      if (letIn) {
        tell(words.letInDone({ name: who.givenName }));
      }
    },
    onError: (error) => tell(error.message),
  });
  return (
    <>
      <AskingList
        title={words.asking}
        asking={asking}
        name={(who) => (
          <>
            <b>{who.givenName}</b> {who.familyName}
          </>
        )}
        about={(who) =>
          [who.group && words.alsoInto({ group: who.group }), who.known && words.known]
            .filter(Boolean)
            .join(", ")
        }
        onDecide={(who, letIn) => (letIn && who.known ? setKnown(who) : decide.mutate({ who, letIn }))}
      />
      {known && (
        <KnownName
          who={known}
          onClose={() => setKnown(null)}
          onSaid={(said) => {
            setKnown(null);
            decide.mutate({ who: known, letIn: true, known: said });
          }}
        />
      )}
    </>
  );
}
