import { type ComponentType, lazy } from "react";
import { catalogues } from "./speak";

/** A place that is fetched when somebody goes there, with the words it speaks in the language of the page. */
export function place<P extends object>(load: () => Promise<{ default: ComponentType<P> }>) {
  return lazy(() => withWords(load));
}

/** Fetches a part of the page, and then the words that it and all it is made of speak. */
export async function withWords<T>(load: () => Promise<T>): Promise<T> {
  const part = await load();
  await catalogues();
  return part;
}
