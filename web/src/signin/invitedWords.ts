import type { Schemas } from "../api/client";
import { words as sharing } from "../sharing/words";

export const invitedWords = {
  title: (className: string) => `Work in ${className}`,
  about: (asked: Schemas["InvitedTo"]) =>
    `${asked.by} asks you to work in ${asked.className} of ${asked.school}, as ${sharing.roles[asked.role]}.`,
  over: "This address is used up",
  overAbout:
    "It works once and for a week, and may have been taken back. Ask the person who sent it for another one.",
  haveOne: "If you sign in here already, sign in first, then open the address again.",
  displayName: "Your name, as colleagues and students see it",
  name: "Name to sign in with",
  password: "A password of at least 10 characters",
  accept: "Accept",
  acceptAs: (name: string) => `Accept as ${name}`,
};
