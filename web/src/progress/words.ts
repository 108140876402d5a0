export const words = {
  title: "Progress",
  parts: "Parts of Progress",
  part: [
    { to: "grid", name: "grid" },
    { to: "low", name: "low results" },
    { to: "to-mark", name: "to mark" },
    { to: "growth", name: "growth" },
    { to: "marks", name: "marks" },
    { to: "reports", name: "reports" },
  ],
  notPlaced: "not placed",
  files: {
    open: "Take along ▾",
    xlsx: (group?: string) => `Marks of ${group ?? "everyone"}, for a spreadsheet (.xlsx)`,
    csv: (group?: string) => `Marks of ${group ?? "everyone"}, as text (.csv)`,
    oneRoster: (group?: string) => `Results of ${group ?? "everyone"}, for another system (OneRoster .zip)`,
    print: "This screen on paper",
  },
  /** A number as it was typed, at most two places. */
  points: (value: number) => String(Math.round(value * 100) / 100),
  percent: (share: number) => `${Math.round(share * 100)} %`,
};
