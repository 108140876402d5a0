import type { ReportKind } from "./wish";

export const words = {
  label: "Reports",
  kind: "What to write",
  kinds: {
    FAMILY_LETTER: "letters to families",
    GROUP_REPORT: "reports of groups",
    CERTIFICATE: "certificates",
    OWN_WEEK: "my own week",
  } satisfies Record<ReportKind, string>,
  about: {
    FAMILY_LETTER:
      "One letter for each student of the group below, in the family's language where there are words in it. Nothing about groups, needs or other students.",
    GROUP_REPORT: "One sheet for each group, for the adults who teach it.",
    CERTIFICATE: "One sheet for each student of the group below, to hang up.",
    OWN_WEEK: "What came in during the week, and what you did.",
  } satisfies Record<ReportKind, string>,
  whom: "For",
  everyone: "everyone in the group below",
  from: "From",
  to: "To",
  language: "Language",
  ownLanguage: "each family's own",
  parts: { work: "work", mark: "overall mark", growth: "over time" },
  ownWords: "Your own words",
  reason: "What for",
  pdf: "As a PDF",
  print: "Print",
  none: "There is nobody to write about.",
  sheets: (count: number) => (count === 1 ? "1 sheet" : `${count} sheets`),
};
