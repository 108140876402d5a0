export const inviteWords = {
  open: "Ask somebody by mail…",
  title: "Ask somebody into a class",
  email: "Mail address",
  keep: "Send",
  cancel: "Cancel",
  sent: (email: string) => `${email} is asked. The address in the mail works once, for a week.`,
  takenBack: (email: string) => `The invitation of ${email} is taken back.`,
  outbox: "Mails that went out",
  outboxAbout: "No mail server is set up here, so mails are kept to be read on this page.",
  outboxSent: "They go to the school's mail server; what it does not take is tried again, five times.",
  states: { KEPT: "kept here", WAITING: "waiting to be sent", SENT: "sent", REFUSED: "could not be sent" },
  noMails: "None yet.",
};
