import { wordsOf } from "../languages/words";

/** A page of help: what the place is for, then how one does what one came for. */
export interface Help {
  title: string;
  about: string;
  how: readonly string[];
}

export const words = wordsOf("help");

/** Help for each place of an adult, by the first part of its address within a class. */
export const pages = wordsOf("help", "pages");

export type PageOfHelp = keyof typeof pages;

/** The page of help for an address, such as `/classes/3/arrange/12`. */
export function pageFor(pathname: string): PageOfHelp {
  const parts = pathname.split("/").filter(Boolean);
  const place = parts[0] === "classes" ? parts[2] : parts[0];
  return place !== undefined && place in pages ? (place as PageOfHelp) : "today";
}
