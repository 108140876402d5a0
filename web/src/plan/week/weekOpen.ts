import type { Schemas } from "../../api/client";

/** Which dialog of the week is open, and on what. */
export type WeekOpen =
  | { kind: "days"; bar: Schemas["WeekBar"] }
  | { kind: "session"; session: Schemas["SessionShown"] }
  | { kind: "settings"; groupId: number; name: string }
  | { kind: "times" }
  | { kind: "feeds" }
  | { kind: "handOut" }
  | { kind: "stagger" }
  | null;
