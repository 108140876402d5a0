import { useCallback, useMemo } from "react";
import { useSearchParams } from "react-router";
import type { ItemNarrowing } from "../api/client";

export type Narrowing = ItemNarrowing;
type ListField = "skills" | "kinds" | "languages" | "tags";

const numbers = ["grade", "minutes", "measureId", "low", "high", "unitId"] as const;
const flags = ["starred", "unused", "mine"] as const;

/** What the address says of how the library is narrowed, so that a narrowing can be linked to and gone back to. */
export function narrowingIn(params: URLSearchParams): Narrowing {
  const narrowing: Narrowing = {
    words: params.get("words") ?? undefined,
    skills: list(params, "skills").map(Number),
    kinds: list(params, "kinds") as Narrowing["kinds"],
    languages: list(params, "languages"),
    tags: list(params, "tags"),
    suggestedLevels: params.get("levels") === "suit" || undefined,
  };
  for (const field of numbers) {
    const value = params.get(field);
    narrowing[field] = value === null ? undefined : Number(value);
  }
  for (const field of flags) {
    narrowing[field] = params.get(field) === "on" || undefined;
  }
  return narrowing;
}

function list(params: URLSearchParams, field: ListField): string[] {
  const value = params.get(field);
  return value ? value.split("~") : [];
}

export function toParams(narrowing: Narrowing): Record<string, string> {
  const params: Record<string, string> = {};
  if (narrowing.words) {
    params.words = narrowing.words;
  }
  for (const field of ["skills", "kinds", "languages", "tags"] as const) {
    const chosen = narrowing[field];
    if (chosen && chosen.length > 0) {
      params[field] = chosen.join("~");
    }
  }
  for (const field of numbers) {
    if (narrowing[field] !== undefined) {
      params[field] = String(narrowing[field]);
    }
  }
  for (const field of flags) {
    if (narrowing[field]) {
      params[field] = "on";
    }
  }
  if (narrowing.suggestedLevels) {
    params.levels = "suit";
  }
  return params;
}

export function isNarrowed(narrowing: Narrowing): boolean {
  return Object.keys(toParams(narrowing)).length > 0;
}

/** With a value added to a list, or taken out where it is in it. */
export function withToggled<F extends ListField>(
  narrowing: Narrowing,
  field: F,
  value: NonNullable<Narrowing[F]>[number],
): Narrowing {
  const chosen = (narrowing[field] ?? []) as unknown[];
  const next = chosen.includes(value) ? chosen.filter((each) => each !== value) : [...chosen, value];
  return { ...narrowing, [field]: next };
}

export function useNarrowing(): [Narrowing, (next: Narrowing) => void] {
  const [params, setParams] = useSearchParams();
  const narrowing = useMemo(() => narrowingIn(params), [params]);
  const narrow = useCallback((next: Narrowing) => setParams(toParams(next), { replace: true }), [setParams]);
  return [narrowing, narrow];
}
