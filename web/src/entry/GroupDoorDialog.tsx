import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { queryOptions, useMutation, useQuery } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { Problem } from "../shell/FormFoot";
import { useFocus } from "../shell/focus";
import { AskingForGroups } from "./AskingForGroups";
import { DoorCode } from "./DoorCode";
import { words } from "./words";

type Door = Schemas["GroupDoorShown"];

const groupDoorQuery = (classId: number, groupId: number) =>
  queryOptions({
    queryKey: ["class", classId, "group-door", groupId],
    queryFn: () => data(api.GET("/api/groups/{groupId}/door", { params: { path: { groupId } } })),
  });

interface Props {
  group: Schemas["BenchGroup"];
  onClose: () => void;
}

/** The door of a group: its code and password, who comes in by them, and who asks. */
export function GroupDoorDialog({ group, onClose }: Props) {
  const { classId } = useFocus();
  const query = groupDoorQuery(classId, group.id);
  const door = useQuery(query).data;
  if (!door) {
    return null;
  }
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="group-door">
      <DialogTitle id="group-door">{words.groupDoorTitle({ name: group.name })}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2 }}>
        <Box>{words.groupDoorHelp}</Box>
        {door.code && <DoorCode label={words.groupCode} code={door.code} opened={door.opened} />}
        <DoorForm
          key={`${door.code}-${door.version}`}
          groupId={group.id}
          door={door}
          onSettled={() => queryClient.invalidateQueries({ queryKey: query.queryKey })}
        />
        <AskingForGroups asking={door.asking} title={words.asking} />
        <Box>
          <Button onClick={onClose}>{words.done}</Button>
        </Box>
      </DialogContent>
    </Dialog>
  );
}

interface FormProps {
  groupId: number;
  door: Door;
  onSettled: () => Promise<void>;
}

function DoorForm({ groupId, door, onSettled }: FormProps) {
  const set = useMutation({
    mutationFn: (body: Schemas["GroupDoorEdit"]) =>
      api.PUT("/api/groups/{groupId}/door", { params: { path: { groupId } }, body }),
    onSettled,
  });
  const keep = (fields: FormData, opened: boolean) => {
    const most = String(fields.get("most") ?? "").trim();
    set.mutate({
      opened,
      atOnce: fields.get("atOnce") !== null,
      most: most === "" ? undefined : Number(most),
      password: String(fields.get("password") ?? "") || undefined,
      version: door.version,
    });
  };
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    keep(new FormData(event.currentTarget), true);
  };
  const close = (form: HTMLFormElement | null) => form && keep(new FormData(form), false);
  return (
    <Box component="form" onSubmit={submit} sx={{ display: "grid", gap: 1.5 }}>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "start" }}>
        <TextField
          name="password"
          label={door.code ? words.newPassword : words.password}
          helperText={words.groupPasswordHelp}
          required={!door.code}
          autoComplete="off"
          sx={{ flex: 1 }}
        />
        <TextField
          name="most"
          label={words.most}
          helperText={words.mostHelp({ members: door.members })}
          type="number"
          defaultValue={door.most ?? ""}
          slotProps={{ htmlInput: { min: 1, max: 200 } }}
          sx={{ flex: 1 }}
        />
      </Box>
      <FormControlLabel
        control={<Checkbox name="atOnce" defaultChecked={door.atOnce} />}
        label={words.atOnce}
      />
      <Problem error={set.error} />
      <Box sx={{ display: "flex", gap: 1 }}>
        <Button type="submit" variant="contained" disabled={set.isPending}>
          {door.opened ? words.keep : words.open}
        </Button>
        {door.opened && (
          <Button disabled={set.isPending} onClick={(event) => close(event.currentTarget.form)}>
            {words.close}
          </Button>
        )}
      </Box>
    </Box>
  );
}
