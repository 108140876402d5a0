import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { sessionQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { Problem } from "../shell/FormFoot";
import { Mark } from "../shell/Mark";
import { Waiting } from "../shell/Waiting";
import { invitedWords as words } from "./invitedWords";

/** Where an address from a mail leads: who asks, to what, and the way in. */
export default function InvitedPlace() {
  const token = useParams().token ?? "";
  const session = useQuery(sessionQuery).data;
  const asked = useQuery({
    queryKey: ["invited", token],
    queryFn: () => data(api.GET("/api/invited/{token}", { params: { path: { token } } })),
    retry: false,
  });
  if (asked.isPending || !session) {
    return <Waiting />;
  }
  return (
    <Box component="main" sx={{ minHeight: "100%", display: "grid", placeItems: "center", p: 2 }}>
      <Card sx={{ p: 4, width: 440, maxWidth: "100%", display: "grid", gap: 2.25, fontSize: 16 }}>
        <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
          <Mark size={40} />
          <Box component="h1" sx={{ fontSize: 22 }}>
            {asked.data ? words.title({ className: asked.data.className }) : words.over}
          </Box>
        </Box>
        {asked.data ? (
          <>
            <Box>{words.about(asked.data)}</Box>
            {session.who === "ADULT" ? (
              <AsMyself token={token} name={session.displayName ?? ""} />
            ) : (
              <AsNew token={token} />
            )}
          </>
        ) : (
          <Box role="alert">{words.overAbout}</Box>
        )}
      </Card>
    </Box>
  );
}

function AsMyself({ token, name }: { token: string; name: string }) {
  const navigate = useNavigate();
  const accept = useMutation({
    mutationFn: () => api.POST("/api/invited/{token}/signed-in", { params: { path: { token } } }),
    onSuccess: async () => {
      await queryClient.invalidateQueries();
      navigate("/");
    },
  });
  return (
    <>
      <Problem error={accept.error} />
      <Button variant="contained" size="large" disabled={accept.isPending} onClick={() => accept.mutate()}>
        {words.acceptAs({ name })}
      </Button>
    </>
  );
}

function AsNew({ token }: { token: string }) {
  const navigate = useNavigate();
  const [typed, setTyped] = useState<Schemas["Accepting"]>({ name: "", displayName: "", password: "" });
  const set = (change: Partial<typeof typed>) => setTyped((now) => ({ ...now, ...change }));
  const accept = useMutation({
    mutationFn: async () => {
      await api.POST("/api/invited/{token}", { params: { path: { token } }, body: typed });
      await api.POST("/api/sign-in/adult", { body: { name: typed.name, password: typed.password } });
    },
    onSuccess: async () => {
      await queryClient.invalidateQueries();
      navigate("/");
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    accept.mutate();
  };
  return (
    <Box component="form" onSubmit={submit} sx={{ display: "grid", gap: 2 }}>
      <Box sx={{ color: "var(--z-soft)" }}>{words.haveOne}</Box>
      <TextField
        label={words.displayName}
        value={typed.displayName}
        onChange={(event) => set({ displayName: event.target.value })}
        required
        autoComplete="name"
      />
      <TextField
        label={words.name}
        value={typed.name}
        onChange={(event) => set({ name: event.target.value })}
        required
        autoComplete="username"
      />
      <TextField
        type="password"
        label={words.password}
        value={typed.password}
        onChange={(event) => set({ password: event.target.value })}
        required
        autoComplete="new-password"
        slotProps={{ htmlInput: { minLength: 10 } }}
      />
      <Problem error={accept.error} />
      <Button type="submit" variant="contained" size="large" disabled={accept.isPending}>
        {words.accept}
      </Button>
    </Box>
  );
}
