import type { Sheet } from "./answers";

/** What every field for an answer is given, whatever the kind of question. */
export interface FieldProps {
  sheet: Sheet;
  given: string | undefined;
  /** @param typing whether more of it may follow at once */
  onGive: (given: string, typing?: boolean) => void;
}
