import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { schoolAdultsQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { InviteDialog } from "../sharing/InviteDialog";
import { inviteWords } from "../sharing/inviteWords";
import { words as sharing } from "../sharing/words";
import { useNotice } from "../shell/Notice";
import { AccountDialog } from "./AccountDialog";
import { AdultDialog } from "./AdultDialog";
import { MailsCard } from "./MailsCard";
import { RoleDialog } from "./RoleDialog";
import { Row, Rows } from "./Rows";
import { words } from "./words";

type Adult = Schemas["AdultShown"];

/** Everybody who works here, what they are to which class, and their passwords. */
export function AdultsPart() {
  const adults = useQuery(schoolAdultsQuery).data ?? [];
  const [opened, setOpened] = useState<
    { what: "new" | "invite" } | { what: "reset" | "role" | "account"; adult: Adult } | null
  >(null);
  const close = () => setOpened(null);
  return (
    <>
      <Box sx={{ mb: 1.5 }}>
        <Button variant="contained" onClick={() => setOpened({ what: "new" })}>
          {words.newAdult}
        </Button>
        <Button sx={{ ml: 1 }} onClick={() => setOpened({ what: "invite" })}>
          {inviteWords.open}
        </Button>
      </Box>
      <Rows>
        {adults.map((adult) => (
          <Row key={adult.id}>
            <Box sx={{ width: 260 }}>
              <b>{adult.displayName}</b>{" "}
              <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
                {adult.name}
                {adult.administrator && ` · ${words.administrator}`}
                {adult.keepsShared && ` · ${words.keepsShared}`}
                {adult.closed && ` · ${words.closed}`}
                {!adult.canSignIn && ` · ${words.cannotSignIn}`}
                {adult.mustChangePassword && ` · ${words.mustChange}`}
              </Box>
            </Box>
            <Roles adult={adult} />
            <Button onClick={() => setOpened({ what: "role", adult })}>{words.giveRole}</Button>
            <Button onClick={() => setOpened({ what: "reset", adult })}>{words.reset}</Button>
            <Button onClick={() => setOpened({ what: "account", adult })}>{words.account}</Button>
          </Row>
        ))}
      </Rows>
      <MailsCard />
      {opened?.what === "invite" && <InviteDialog onClose={close} />}
      {opened?.what === "new" && <AdultDialog onClose={close} />}
      {opened?.what === "reset" && <AdultDialog adult={opened.adult} onClose={close} />}
      {opened?.what === "account" && <AccountDialog adult={opened.adult} onClose={close} />}
      {opened?.what === "role" && <RoleDialog adult={opened.adult} onClose={close} />}
    </>
  );
}

function Roles({ adult }: { adult: Adult }) {
  const tell = useNotice();
  const take = useMutation({
    mutationFn: (classId: number) =>
      api.DELETE("/api/classes/{classId}/adults/{adultId}", {
        params: { path: { classId, adultId: adult.id } },
      }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["school"] });
      queryClient.invalidateQueries({ queryKey: ["classes"] });
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Box sx={{ flex: 1, display: "flex", gap: 1, flexWrap: "wrap" }}>
      {adult.roles.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.noClass}</Box>}
      {adult.roles.map((role) => (
        <Box
          key={role.classId}
          sx={{
            border: "1px solid var(--z-line)",
            borderRadius: 99,
            px: 1.25,
            display: "flex",
            alignItems: "center",
          }}
        >
          {role.className}&nbsp;
          <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
            {sharing.roles[role.role]}
          </Box>
          <Button
            variant="text"
            size="small"
            sx={{ minWidth: 0 }}
            aria-label={words.takeRole({ className: role.className, name: adult.displayName })}
            onClick={() => take.mutate(role.classId)}
          >
            ✕
          </Button>
        </Box>
      ))}
    </Box>
  );
}
