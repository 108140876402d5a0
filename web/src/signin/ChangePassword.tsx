import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import type { FormEvent } from "react";
import { api } from "../api/client";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { words } from "./words";

/** Asks for a password of one's own where somebody else chose it. */
export default function ChangePassword() {
  const change = useMutation({
    mutationFn: (fields: FormData) =>
      api.PUT("/api/account/password", {
        body: { before: String(fields.get("before")), password: String(fields.get("password")) },
      }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ["session"] }),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    change.mutate(new FormData(event.currentTarget));
  };
  return (
    <Box component="main" sx={{ minHeight: "100%", display: "grid", placeItems: "center", p: 2 }}>
      <Card sx={{ p: 4, width: 400 }}>
        <Box component="form" onSubmit={submit} sx={{ display: "grid", gap: 2 }}>
          <Box component="h1" sx={{ fontSize: 22 }}>
            {words.changeTitle}
          </Box>
          <Box sx={{ color: "var(--z-soft)" }}>{words.changeHelp}</Box>
          <TextField
            name="before"
            type="password"
            label={words.before}
            required
            autoFocus
            autoComplete="current-password"
          />
          <TextField
            name="password"
            type="password"
            label={words.next}
            helperText={change.error?.message ?? words.nextHelp}
            error={change.isError}
            required
            autoComplete="new-password"
          />
          <Button type="submit" variant="contained" disabled={change.isPending}>
            {words.change}
          </Button>
        </Box>
      </Card>
    </Box>
  );
}
