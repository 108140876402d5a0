import type { StudentNarrowing } from "../api/client";
import type { GroupChoice } from "../shell/focus";

/** Whom the table shows and in which order, as the server takes it. */
export type Narrowing = StudentNarrowing;

const numbers = ["grade", "measureId", "band", "from", "to"] as const;
const texts = ["home", "need", "tag", "text", "signedIn", "sort"] as const;
const flags = ["archived", "descending"] as const;

/** The narrowing that stands in the page's address, so that it can be kept, sent and gone back to. */
export function narrowingOf(search: URLSearchParams): Narrowing {
  const found: Record<string, string | number | boolean> = {};
  for (const name of numbers) {
    const value = search.get(name);
    if (value !== null && value !== "" && Number.isFinite(Number(value))) {
      found[name] = Number(value);
    }
  }
  for (const name of texts) {
    const value = search.get(name);
    if (value) {
      found[name] = value;
    }
  }
  for (const name of flags) {
    if (search.get(name) === "true") {
      found[name] = true;
    }
  }
  return found as Narrowing;
}

/** The address's search for a narrowing that is changed in some fields; an absent value takes the field away. */
export function changed(
  search: URLSearchParams,
  change: Record<string, string | number | boolean | undefined>,
) {
  const next = new URLSearchParams(search);
  for (const [name, value] of Object.entries(change)) {
    if (value === undefined || value === "" || value === false) {
      next.delete(name);
    } else {
      next.set(name, String(value));
    }
  }
  return next;
}

/** What the group bar adds: members of a group, or those in none of an arrangement. */
export function withGroup(narrowing: Narrowing, group: GroupChoice, arrangementId?: number): Narrowing {
  if (group === "everyone" || arrangementId === undefined) {
    return narrowing;
  }
  return group === "none" ? { ...narrowing, notIn: arrangementId } : { ...narrowing, groupId: group };
}

/** The next order when a column's head is pressed: up, down, then as before. */
export function nextSort(now: Narrowing, column: string): { sort?: string; descending?: boolean } {
  if ((now.sort ?? "name") !== column) {
    return { sort: column, descending: column.startsWith("m") || column === "lastHere" };
  }
  return { sort: column, descending: !now.descending };
}
