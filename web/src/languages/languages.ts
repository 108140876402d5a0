/** A language that Zafu speaks: its own name, what formats its dates and numbers, and where its lines begin. */
interface Language {
  name: string;
  locale: string;
  direction: "ltr" | "rtl";
  /** What dayjs calls its names of days and months. */
  calendar: string;
  /** Whether adults' places speak it too; students' pages and sign-in speak every one. */
  adults: boolean;
}

export const languages = {
  en: { name: "English", locale: "en-CA", direction: "ltr", calendar: "en", adults: true },
  fr: { name: "Français", locale: "fr-CA", direction: "ltr", calendar: "fr", adults: true },
  es: { name: "Español", locale: "es", direction: "ltr", calendar: "es", adults: true },
  // With the digits that the school's papers have, so that numbers look alike everywhere.
  ar: { name: "العربية", locale: "ar-u-nu-latn", direction: "rtl", calendar: "ar", adults: false },
  zh: { name: "简体中文", locale: "zh-Hans", direction: "ltr", calendar: "zh-cn", adults: false },
} as const satisfies Record<string, Language>;

export type LanguageTag = keyof typeof languages;

export const allLanguages = Object.keys(languages) as LanguageTag[];

/** The first of the wanted languages that Zafu speaks to a person, whatever its region; English where it speaks none. */
export function spoken(wanted: readonly (string | undefined)[], toAdult: boolean): LanguageTag {
  for (const tag of wanted) {
    const language = allLanguages.find((each) => each === tag?.split("-")[0]?.toLowerCase());
    if (language && (languages[language].adults || !toAdult)) {
      return language;
    }
  }
  return "en";
}
