import i18next from "i18next";
import ICU from "i18next-icu";
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

/** Says that a part of the page speaks with a catalogue. */
export function wants(catalogue: string): void {
  wanted.add(catalogue);
}

export function language(): LanguageTag {
  return i18next.language as LanguageTag;
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
  if (!i18next.isInitialized) {
    i18next
      .use(new ICU({ memoize: true, parseLngForICU: () => locale() }))
      .init({ initAsync: false, resources: {}, fallbackLng: false, interpolation: { escapeValue: false } });
  }
  await Promise.all([calendars[tag](), bring(tag)]);
  await i18next.changeLanguage(tag);
}

/** Waits for the catalogues of all that was fetched since. */
export function catalogues(): Promise<void> {
  return bring(language());
}

/** Fetches what is not here yet; what did not come is asked for anew the next time. */
async function bring(tag: LanguageTag): Promise<void> {
  const missing = [...wanted].filter((each) => !i18next.hasResourceBundle(tag, each) && isSpoken(tag, each));
  await Promise.all(
    missing.map(async (each) => i18next.addResourceBundle(tag, each, await fetched(tag, each))),
  );
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
