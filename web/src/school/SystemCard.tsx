import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api, data, type Schemas } from "../api/client";
import { classesQuery, schoolSystemQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useUndoImport } from "../bringin/ImportList";
import { Card } from "../shell/Card";
import { day, timeInZone } from "../shell/dates";
import { LongWork, useLongWork } from "../shell/LongWork";
import { useNotice } from "../shell/Notice";
import { Changes } from "./Changes";
import { words } from "./words";

type Shown = Schemas["SystemShown"];

/** The school's information system: where it answers, what it last brought, and taking it. */
export function SystemCard() {
  const system = useQuery(schoolSystemQuery).data;
  const tell = useNotice();
  const show = (shown: Shown) => queryClient.setQueryData(schoolSystemQuery.queryKey, shown);
  const onError = (error: Error) => tell(error.message);
  const pull = useMutation({
    mutationFn: () => data<Shown>(api.POST("/api/school/system/pull")),
    onSuccess: show,
    onError,
  });
  if (!system) {
    return null;
  }
  return (
    <Card component="section" aria-label={words.systemTitle} sx={{ p: 2, display: "grid", gap: 1.5 }}>
      <Box sx={{ display: "flex", gap: 2, alignItems: "start" }}>
        <Box sx={{ flex: 1 }}>
          <Box component="h2" sx={{ fontSize: 16 }}>
            {words.systemTitle}
          </Box>
          <Box sx={{ color: "var(--z-soft)" }}>{words.systemHelp}</Box>
        </Box>
        <Button
          variant={system.waiting ? "outlined" : "contained"}
          disabled={pull.isPending || system.address === ""}
          onClick={() => pull.mutate()}
        >
          {pull.isPending ? words.pulling : words.pull}
        </Button>
      </Box>
      <Settings system={system} onKept={show} />
      {system.waiting && <WaitingPull waiting={system.waiting} onLeft={show} />}
      <Pulls pulls={system.pulls} />
    </Card>
  );
}

function Settings({ system, onKept }: { system: Shown; onKept: (shown: Shown) => void }) {
  const tell = useNotice();
  const keep = useMutation({
    mutationFn: (fields: FormData) => {
      const token = String(fields.get("token") ?? "").trim();
      return data<Shown>(
        api.PUT("/api/school/system", {
          body: {
            address: String(fields.get("address") ?? "").trim(),
            token: token === "" ? undefined : token,
            nightly: fields.get("nightly") !== null,
          },
        }),
      );
    },
    onSuccess: (shown) => {
      onKept(shown);
      tell(words.kept);
    },
    onError: (error) => tell(error.message),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    keep.mutate(new FormData(event.currentTarget));
  };
  return (
    <Box
      component="form"
      onSubmit={submit}
      sx={{ display: "flex", gap: 1.5, alignItems: "start", flexWrap: "wrap" }}
    >
      <TextField name="address" label={words.address} defaultValue={system.address} sx={{ width: 320 }} />
      <TextField
        name="token"
        label={words.token}
        type="password"
        helperText={words.tokenHelp(system.hasToken)}
        autoComplete="off"
        sx={{ width: 260 }}
      />
      <FormControlLabel
        control={<Checkbox name="nightly" defaultChecked={system.nightly} />}
        label={words.nightly}
      />
      <Button type="submit">{words.keep}</Button>
    </Box>
  );
}

interface WaitingProps {
  waiting: NonNullable<Shown["waiting"]>;
  onLeft: (shown: Shown) => void;
}

function WaitingPull({ waiting, onLeft }: WaitingProps) {
  const tell = useNotice();
  const undo = useUndoImport();
  const work = useLongWork();
  const path = { params: { path: { pullId: waiting.id } } };
  const onError = (error: Error) => tell(error.message);
  const take = useMutation({
    mutationFn: () =>
      work.run((headers) =>
        data<Schemas["BundleTaken"]>(
          api.POST("/api/school/system/pulls/{pullId}/take", { ...path, headers }),
        ),
      ),
    onSuccess: (taken) => {
      queryClient.invalidateQueries();
      tell(words.applied({ count: taken.changes }), () => undo.mutate(taken.importId));
    },
    onError,
  });
  const leave = useMutation({
    mutationFn: () => data<Shown>(api.POST("/api/school/system/pulls/{pullId}/leave", path)),
    onSuccess: onLeft,
    onError,
  });
  return (
    <>
      <Changes preview={waiting.preview} />
      <LongWork workKey={work.key} />
      <Box sx={{ display: "flex", gap: 1 }}>
        <Button variant="contained" disabled={take.isPending} onClick={() => take.mutate()}>
          {words.take({ count: waiting.preview.changes.length })}
        </Button>
        <Button onClick={() => leave.mutate()}>{words.leave}</Button>
      </Box>
    </>
  );
}

function Pulls({ pulls }: { pulls: Shown["pulls"] }) {
  const zone = useQuery(classesQuery).data?.zone ?? "UTC";
  return (
    <Box component="ul" sx={{ listStyle: "none", p: 0, fontSize: 12.5 }}>
      {pulls.slice(0, 5).map((pull) => (
        <Box
          component="li"
          key={pull.id}
          sx={{ color: pull.state === "FAILED" ? "var(--z-clayText)" : "var(--z-soft)" }}
        >
          {day(pull.at)} {timeInZone(pull.at, zone)} · {words.states[pull.state]} · {pull.message}
        </Box>
      ))}
    </Box>
  );
}
