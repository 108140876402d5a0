import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { useMutation, useQuery } from "@tanstack/react-query";
import { type FormEvent, useEffect, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { facesQuery } from "../api/myQueries";
import { sessionQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Faces } from "../device/Faces";
import { words as deviceWords } from "../device/words";
import { Card } from "../shell/Card";
import { Mark } from "../shell/Mark";
import { AdultFields } from "./AdultFields";
import { CodeField } from "./CodeField";
import { LanguageChoice } from "./LanguageChoice";
import { words } from "./words";

type Who = "student" | "adult";

type Asked =
  | { by: "code"; code: string; ownDevice: boolean }
  | { by: "face"; face: number; pin: string }
  | { by: "name"; name: string; password: string };

/** The code that an entry card's QR address carries after the #; it never reaches a server's log. */
function codeInAddress(): string {
  return /^#[A-Za-z0-9-]{8,9}$/.test(window.location.hash) ? window.location.hash.slice(1) : "";
}

export default function SignIn() {
  const [who, setWho] = useState<Who>("student");
  const faces = useQuery(facesQuery).data?.faces ?? [];
  const [byCard, setByCard] = useState(false);
  const { signIn, sentence } = useSignIn();
  const byFace = who === "student" && faces.length > 0 && !byCard;
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const field = (name: string) => String(fields.get(name) ?? "");
    signIn.mutate(
      who === "student"
        ? { by: "code", code: field("code"), ownDevice: fields.has("ownDevice") }
        : { by: "name", name: field("name"), password: field("password") },
    );
  };
  return (
    <Box
      component="main"
      sx={{
        minHeight: "100%",
        display: "grid",
        gridTemplateColumns: "minmax(0, 1fr)",
        placeItems: "center",
        p: { xs: 1, sm: 2 },
      }}
    >
      <Card
        sx={{
          p: { xs: 2, sm: 4 },
          width: 420,
          maxWidth: "100%",
          display: "grid",
          gridTemplateColumns: "minmax(0, 1fr)",
          gap: 2,
        }}
      >
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
        {byFace ? (
          <Faces
            faces={faces}
            pending={signIn.isPending}
            onSignIn={(face, pin) => signIn.mutate({ by: "face", face, pin })}
          />
        ) : (
          <form onSubmit={submit} style={{ display: "grid", gridTemplateColumns: "minmax(0, 1fr)", gap: 16 }}>
            {who === "student" ? <CodeField /> : <AdultFields />}
            <Button
              type="submit"
              variant="contained"
              size="large"
              disabled={signIn.isPending}
              sx={{ py: 1, fontSize: 17 }}
            >
              {words.go}
            </Button>
          </form>
        )}
        {sentence && (
          <Box role="alert" sx={{ color: "var(--z-clayText)" }}>
            {sentence}
          </Box>
        )}
        {byFace && <Button onClick={() => setByCard(true)}>{deviceWords.other}</Button>}
        {who === "student" && <Link to="/join">{words.join}</Link>}
        <LanguageChoice />
      </Card>
    </Box>
  );
}

function useSignIn() {
  const navigate = useNavigate();
  const signIn = useMutation({
    mutationFn: (asked: Asked) => data<Schemas["Session"]>(ask(asked)),
    onSuccess: (session) => {
      queryClient.removeQueries({ predicate: (query) => query.queryKey[0] !== "session" });
      queryClient.setQueryData(sessionQuery.queryKey, session);
      navigate("/", { replace: true });
    },
    onError: () => queryClient.invalidateQueries({ queryKey: facesQuery.queryKey }),
  });
  const code = codeInAddress();
  const go = signIn.mutate;
  useEffect(() => {
    if (code) {
      window.history.replaceState(null, "", "/");
      go({ by: "code", code, ownDevice: false });
    }
  }, [code, go]);
  const { error } = signIn;
  const sentence = error?.message;
  return { signIn, sentence };
}

function ask(asked: Asked) {
  switch (asked.by) {
    case "code":
      return api.POST("/api/sign-in/student", { body: { code: asked.code, ownDevice: asked.ownDevice } });
    case "face":
      return api.POST("/api/sign-in/device", { body: { face: asked.face, pin: asked.pin } });
    case "name":
      return api.POST("/api/sign-in/adult", { body: { name: asked.name, password: asked.password } });
  }
}
