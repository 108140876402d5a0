import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { useMutation } from "@tanstack/react-query";
import { type FormEvent, useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { ApiProblem, api, data, type Schemas } from "../api/client";
import { sessionQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { Mark } from "../shell/Mark";
import { words } from "./words";

type Who = "student" | "adult";

/** The code that an entry card's QR address carries after the #; it never reaches a server's log. */
function codeInAddress(): string {
  return /^#[A-Za-z0-9-]{8,9}$/.test(window.location.hash) ? window.location.hash.slice(1) : "";
}

export default function SignIn() {
  const [who, setWho] = useState<Who>("student");
  const navigate = useNavigate();
  const signIn = useMutation({
    mutationFn: (fields: FormData) => data<Schemas["Session"]>(ask(who, fields)),
    onSuccess: (session) => {
      queryClient.removeQueries({ predicate: (query) => query.queryKey[0] !== "session" });
      queryClient.setQueryData(sessionQuery.queryKey, session);
      navigate("/", { replace: true });
    },
  });
  const code = codeInAddress();
  const go = signIn.mutate;
  useEffect(() => {
    if (code) {
      window.history.replaceState(null, "", "/");
      const fields = new FormData();
      fields.set("code", code);
      go(fields);
    }
  }, [code, go]);
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    signIn.mutate(new FormData(event.currentTarget));
  };
  return (
    <Box component="main" sx={{ minHeight: "100%", display: "grid", placeItems: "center", p: 2 }}>
      <Card sx={{ p: 4, width: 400, maxWidth: "100%" }}>
        <form onSubmit={submit} style={{ display: "grid", gap: 18 }}>
          <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
            <Mark size={40} />
            <Box component="h1" sx={{ fontSize: 24 }}>
              {words.title}
            </Box>
          </Box>
          <ToggleButtonGroup
            exclusive
            fullWidth
            size="small"
            value={who}
            onChange={(_, value: Who | null) => value && setWho(value)}
          >
            <ToggleButton value="student">{words.student}</ToggleButton>
            <ToggleButton value="adult">{words.adult}</ToggleButton>
          </ToggleButtonGroup>
          {who === "student" ? <CodeField /> : <AdultFields />}
          {signIn.error && (
            <Box role="alert" sx={{ color: "var(--z-clayText)" }}>
              {signIn.error instanceof ApiProblem ? signIn.error.message : words.unreachable}
            </Box>
          )}
          <Button
            type="submit"
            variant="contained"
            size="large"
            disabled={signIn.isPending}
            sx={{ py: 1, fontSize: 17 }}
          >
            {words.go}
          </Button>
          {who === "student" && <Link to="/join">{words.join}</Link>}
        </form>
      </Card>
    </Box>
  );
}

function ask(who: Who, fields: FormData) {
  const field = (name: string) => String(fields.get(name) ?? "");
  return who === "student"
    ? api.POST("/api/sign-in/student", { body: { code: field("code") } })
    : api.POST("/api/sign-in/adult", { body: { name: field("name"), password: field("password") } });
}

function CodeField() {
  return (
    <TextField
      key="code"
      name="code"
      label={words.code}
      helperText={words.codeHelp}
      required
      autoFocus
      autoComplete="off"
      slotProps={{
        htmlInput: {
          maxLength: 12,
          autoCapitalize: "characters",
          spellCheck: false,
          style: { fontSize: 26, letterSpacing: 4 },
        },
        inputLabel: { required: false },
      }}
    />
  );
}

function AdultFields() {
  return (
    <>
      <TextField
        key="name"
        name="name"
        label={words.name}
        required
        autoFocus
        autoComplete="username"
        slotProps={{ inputLabel: { required: false } }}
      />
      <TextField
        name="password"
        type="password"
        label={words.password}
        required
        autoComplete="current-password"
        slotProps={{ inputLabel: { required: false } }}
      />
    </>
  );
}
