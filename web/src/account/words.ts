export const words = {
  title: "Where I am signed in",
  about: "Somewhere you do not know? End it there, and choose a new password.",
  here: "here",
  since: (when: string) => `since ${when}`,
  lastSeen: (when: string) => `last used ${when}`,
  end: "Sign out there",
  endOf: (device: string, when: string) => `Sign out on ${device}, since ${when}`,
  everywhere: "Sign out everywhere else",
  done: "Done",
  ended: "Signed out there.",
  endedEverywhere: "You are signed in here alone.",
};
