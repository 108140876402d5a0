import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { Link } from "react-router";
import { ApiProblem, api, data, type Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { Problem } from "../shell/FormFoot";
import { Mark } from "../shell/Mark";
import { words } from "./words";

/** What this tab asked for is there again after a reload, so that a child who waits goes on waiting. */
const ASKED = "zafu-join-asked";

/** Where somebody without an entry code asks to join a class. */
export default function JoinPlace() {
  const [token, setToken] = useState(() => sessionStorage.getItem(ASKED));
  const wait = (made: string) => {
    sessionStorage.setItem(ASKED, made);
    setToken(made);
  };
  const again = () => {
    sessionStorage.removeItem(ASKED);
    setToken(null);
  };
  return (
    <Box component="main" sx={{ minHeight: "100%", display: "grid", placeItems: "center", p: 2 }}>
      <Card sx={{ p: 4, width: 420, maxWidth: "100%", display: "grid", gap: 2.25, fontSize: 17 }}>
        <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
          <Mark size={40} />
          <Box component="h1" sx={{ fontSize: 24 }}>
            {words.joinTitle}
          </Box>
        </Box>
        {token ? <WaitToBeLetIn token={token} onAgain={again} /> : <Ask onAsked={wait} />}
      </Card>
    </Box>
  );
}

function Ask({ onAsked }: { onAsked: (token: string) => void }) {
  const join = useMutation({
    mutationFn: (fields: FormData) => {
      const text = (name: string) => String(fields.get(name) ?? "").trim();
      return data<Schemas["JoinToken"]>(
        api.POST("/api/join", {
          body: {
            code: text("code"),
            password: text("password"),
            givenName: text("givenName"),
            familyName: text("familyName"),
          },
        }),
      );
    },
    onSuccess: (made) => onAsked(made.token),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    join.mutate(new FormData(event.currentTarget));
  };
  return (
    <Box component="form" onSubmit={submit} sx={{ display: "grid", gap: 2 }}>
      <Box sx={{ color: "var(--z-soft)" }}>{words.joinHelp}</Box>
      <TextField name="code" label={words.anyCode} required autoFocus autoComplete="off" />
      <TextField name="password" label={words.password} required autoComplete="off" />
      <TextField name="givenName" label={words.givenName} required autoComplete="off" />
      <TextField name="familyName" label={words.familyName} autoComplete="off" />
      <Problem error={join.error} />
      <Button type="submit" variant="contained" size="large" disabled={join.isPending}>
        {words.ask}
      </Button>
      <Link to="/">{words.back}</Link>
    </Box>
  );
}

function WaitToBeLetIn({ token, onAgain }: { token: string; onAgain: () => void }) {
  const { data: state, error } = useQuery({
    queryKey: ["join", token],
    queryFn: () => data(api.GET("/api/join/{token}", { params: { path: { token } } })),
    refetchInterval: (query) => (query.state.data?.state === "WAITING" ? 2_000 : false),
  });
  if (state?.state === "TURNED_AWAY" || error instanceof ApiProblem) {
    return (
      <Box role="alert" sx={{ display: "grid", gap: 2 }}>
        {error?.message ?? words.turnedAway}
        <Button onClick={onAgain}>{words.askAgain}</Button>
      </Box>
    );
  }
  return state?.state === "LET_IN" ? (
    <LetIn token={token} onAgain={onAgain} />
  ) : (
    <Box role="status">{words.waiting}</Box>
  );
}

/** The code is told once; whoever comes again asks the teacher for the card. */
function LetIn({ token, onAgain }: { token: string; onAgain: () => void }) {
  const { data: told, error } = useQuery({
    queryKey: ["join", token, "code"],
    queryFn: () => data(api.POST("/api/join/{token}/code", { params: { path: { token } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
  if (!told) {
    return (
      <Box role="status" sx={{ display: "grid", gap: 2 }}>
        {error?.message ?? words.oneMoment}
        {error && <Link to="/">{words.back}</Link>}
        {error && <Button onClick={onAgain}>{words.somebodyElse}</Button>}
      </Box>
    );
  }
  return (
    <Box role="status" sx={{ display: "grid", gap: 2 }}>
      {words.in}
      <Box component="b" sx={{ fontSize: 32, letterSpacing: 3, textAlign: "center" }}>
        {told.entryCode.slice(0, 4)}-{told.entryCode.slice(4)}
      </Box>
      <Button
        component="a"
        href={`/#${told.entryCode}`}
        onClick={() => sessionStorage.removeItem(ASKED)}
        variant="contained"
        size="large"
      >
        {words.go}
      </Button>
    </Box>
  );
}
