import { IntlMessageFormat } from "intl-messageformat";
import type { Catalogues, Said } from "./catalogues";
import { catalogueOf, language, locale, wants } from "./speak";

type Tree = { readonly [key: string]: unknown };

/** What a catalogue says in the language of the page: plain texts, and functions for sentences that are told something. */
export function wordsOf<C extends keyof Catalogues>(catalogue: C): Catalogues[C];
export function wordsOf<C extends keyof Catalogues, P extends keyof Catalogues[C]>(
  catalogue: C,
  part: P,
): Catalogues[C][P];
export function wordsOf(catalogue: keyof Catalogues, part?: string): unknown {
  return lookedUp(catalogue, (said) => (part === undefined ? said : (said[part] as Tree)));
}

/** The same, with sentences that take some deciding before they are said. */
export function wordsWith<C extends keyof Catalogues, T extends object>(
  catalogue: C,
  decided: T,
): Catalogues[C] & T {
  const byLanguage = new Map<string, Tree>();
  const both = (said: Tree) => {
    const known = byLanguage.get(language()) ?? merged(said, decided as unknown as Tree);
    byLanguage.set(language(), known);
    return known;
  };
  return lookedUp(catalogue, both) as Catalogues[C] & T;
}

/** Looks words up when they are read, never before: the language may be another by then. */
function lookedUp(catalogue: keyof Catalogues, choose: (said: Tree) => Tree): unknown {
  wants(catalogue);
  const now = () => choose(treeOf(catalogue));
  return new Proxy(
    {},
    {
      get: (_, key) => now()[key as string],
      has: (_, key) => key in now(),
      ownKeys: () => Reflect.ownKeys(now()),
      getOwnPropertyDescriptor: (_, key) => ({
        value: now()[key as string],
        enumerable: true,
        configurable: true,
      }),
    },
  );
}

const trees = new Map<string, Tree>();

function treeOf(catalogue: string): Tree {
  const name = `${language()}/${catalogue}`;
  const known = trees.get(name);
  if (known) {
    return known;
  }
  const messages = catalogueOf(catalogue);
  if (!messages) {
    throw new Error(`the words of ${catalogue} are not here yet`);
  }
  const tree = spoken(messages) as Tree;
  trees.set(name, tree);
  return tree;
}

function spoken(node: unknown): unknown {
  if (typeof node === "string") {
    return node.includes("{") ? sentence(node) : node;
  }
  if (Array.isArray(node)) {
    return node.map(spoken);
  }
  return Object.fromEntries(Object.entries(node as Tree).map(([key, each]) => [key, spoken(each)]));
}

/** A message that is told something; it is read the first time that it is said. */
function sentence(message: string) {
  let read: IntlMessageFormat | undefined;
  return (args: Record<string, Said>) => {
    read ??= new IntlMessageFormat(message, locale(), undefined, { ignoreTag: true });
    return String(read.format(told(args)));
  };
}

/** Lists become text, with their number beside them. */
function told(args: Record<string, Said>): Record<string, string | number> {
  const ready: Record<string, string | number> = {};
  for (const [name, value] of Object.entries(args)) {
    if (typeof value === "string" || typeof value === "number") {
      ready[name] = value;
    } else if (value) {
      ready[name] = listed(value);
      ready[`${name}Count`] = value.length;
    }
  }
  return ready;
}

/** "Bowline", "Bowline and Reef", "Bowline, Reef and Clove", as the language says it. */
export function listed(names: readonly string[]): string {
  return new Intl.ListFormat(locale(), { type: "conjunction" }).format(names);
}

function merged(said: Tree, decided: Tree): Tree {
  const both: Record<string, unknown> = { ...said };
  for (const [key, value] of Object.entries(decided)) {
    both[key] =
      typeof value === "object" && value !== null ? merged((said[key] ?? {}) as Tree, value as Tree) : value;
  }
  return both;
}
