import { useSyncExternalStore } from "react";
import { type LanguageTag, languages, spoken } from "./languages";
import { language, onLanguage, speak } from "./speak";

/** Read by the server too: what it says comes in the language of the page. */
const REMEMBERED = "zafu-language";
const YEAR = 365 * 24 * 60 * 60;

/** Speaks the language that was last spoken on this device, else the device's own. */
export async function speakToWhoIsHere(): Promise<void> {
  await switchTo(spoken([remembered(), ...navigator.languages], false));
}

/** Speaks another language from now on, on this device too; places are shown anew in it. Fails where its words do not come. */
export async function switchTo(tag: LanguageTag): Promise<void> {
  await speak(tag);
  document.documentElement.lang = languages[tag].locale.replace(/-u-.*/, "");
  document.documentElement.dir = languages[tag].direction;
  remember(tag);
}

/** The language of the page; who uses it is shown anew when it changes. */
export function useLanguage(): LanguageTag {
  return useSyncExternalStore(onLanguage, language);
}

/** What speaks to whoever is signed in: what they chose, else what is spoken now, else what their device asks for. */
export function wantedBy(chosen: string | undefined, adult: boolean): LanguageTag {
  return spoken([chosen, language(), ...navigator.languages], adult);
}

function remembered(): string | undefined {
  return document.cookie
    .split("; ")
    .find((each) => each.startsWith(`${REMEMBERED}=`))
    ?.slice(REMEMBERED.length + 1);
}

function remember(tag: LanguageTag): void {
  // biome-ignore lint/suspicious/noDocumentCookie: not every browser in a school has a cookie store.
  document.cookie = `${REMEMBERED}=${tag}; path=/; max-age=${YEAR}; samesite=lax`;
}
