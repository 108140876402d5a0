import { type LanguageTag, languages } from "./languages";

type Catalogue = Record<string, unknown>;

const files = import.meta.glob<Catalogue>("./*/*.json", { import: "default" });
const ofStudents = import.meta.glob<Record<string, Catalogue>>("./*/students/index.ts", {
  import: "default",
});

/** Names of days and months; English ones are always there. */
const calendars = {
  en: async () => undefined,
  fr: () => import("dayjs/locale/fr"),
  es: () => import("dayjs/locale/es"),
  ar: () => import("dayjs/locale/ar"),
  zh: () => import("dayjs/locale/zh-cn"),
} satisfies Record<LanguageTag, () => Promise<unknown>>;

/** The catalogues that something on the page speaks with; each is fetched once, before what speaks with it is shown. */
const wanted = new Set<string>();

/** What is here, by language and catalogue. */
const here = new Map<string, Catalogue>();

let spokenNow: LanguageTag = "en";

const listeners = new Set<() => void>();

/** Says that a part of the page speaks with a catalogue. */
export function wants(catalogue: string): void {
  wanted.add(catalogue);
}

export function language(): LanguageTag {
  return spokenNow;
}

/** What formats dates, numbers and lists now. */
export function locale(): string {
  return languages[language()].locale;
}

/**
 * Begins to speak a language, once all that the page has asked for so far is here; where something of it does not come,
 * the page goes on speaking as it did.
 */
export async function speak(tag: LanguageTag): Promise<void> {
  await Promise.all([calendars[tag](), bring(tag)]);
  if (tag !== spokenNow) {
    spokenNow = tag;
    for (const tell of listeners) {
      tell();
    }
  }
}

/** Tells when another language is spoken, until the answer is called. */
export function onLanguage(changed: () => void): () => void {
  listeners.add(changed);
  return () => listeners.delete(changed);
}

/** What a catalogue says in the language that is spoken; nothing before it is here. */
export function catalogueOf(name: string): Catalogue | undefined {
  return here.get(`${spokenNow}/${name}`);
}

/** Waits for the catalogues of all that was fetched since. */
export function catalogues(): Promise<void> {
  return bring(language());
}

/** Fetches what is not here yet; what did not come is asked for anew the next time. */
async function bring(tag: LanguageTag): Promise<void> {
  const missing = [...wanted].filter((each) => !here.has(`${tag}/${each}`) && isSpoken(tag, each));
  await Promise.all(missing.map(async (each) => here.set(`${tag}/${each}`, await fetched(tag, each))));
}

/** Adults' places do not speak every language; whoever signs in as one is spoken to in another. */
function isSpoken(tag: LanguageTag, catalogue: string): boolean {
  return languages[tag].adults || files[`./en/${catalogue}.json`] === undefined;
}

async function fetched(tag: LanguageTag, name: string): Promise<Catalogue> {
  const together = await ofStudents[`./${tag}/students/index.ts`]?.();
  const catalogue = together?.[name] ?? (await files[`./${tag}/${name}.json`]?.());
  if (!catalogue) {
    throw new Error(`there is no catalogue ${name} in ${tag}`);
  }
  return catalogue;
}
