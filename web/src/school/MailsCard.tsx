import Box from "@mui/material/Box";
import { queryOptions, useQuery } from "@tanstack/react-query";
import { api, data } from "../api/client";
import { inviteWords as words } from "../sharing/inviteWords";
import { Card } from "../shell/Card";
import { dayAndTime } from "../shell/dates";

const mailsQuery = queryOptions({
  queryKey: ["school", "mails"],
  queryFn: () => data(api.GET("/api/school/mails")),
});

/** What went out by mail, word for word. */
export function MailsCard() {
  const mails = useQuery(mailsQuery).data ?? [];
  return (
    <Card component="section" aria-label={words.outbox} sx={{ p: 2, mt: 2 }}>
      <Box component="h2" sx={{ fontSize: 15 }}>
        {words.outbox}
      </Box>
      <Box sx={{ color: "var(--z-soft)" }}>
        {mails.length === 0
          ? words.noMails
          : mails[0]?.state === "KEPT"
            ? words.outboxAbout
            : words.outboxSent}
      </Box>
      {mails.map((mail) => (
        <Box
          component="details"
          key={mail.id}
          sx={{ borderTop: "1px solid var(--z-line)", py: 0.75, mt: 0.75 }}
        >
          <Box component="summary" sx={{ cursor: "pointer" }}>
            <b>{mail.subject}</b>{" "}
            <Box component="span" sx={{ color: "var(--z-soft)" }}>
              {mail.recipient} · {dayAndTime(mail.writtenAt)} · {words.states[mail.state]}
            </Box>
          </Box>
          <Box sx={{ whiteSpace: "pre-wrap", overflowWrap: "anywhere", pt: 0.75 }}>
            {mail.failure || mail.body}
          </Box>
        </Box>
      ))}
    </Card>
  );
}
