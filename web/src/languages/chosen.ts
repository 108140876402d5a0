import i18next from "i18next";
import { useSyncExternalStore } from "react";
import { type LanguageTag, languages, spoken } from "./languages";
import { language, speak } from "./speak";

const REMEMBERED = "zafu.language";

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
  return useSyncExternalStore(onChange, language);
}

function onChange(changed: () => void) {
  i18next.on("languageChanged", changed);
  return () => i18next.off("languageChanged", changed);
}

/** What speaks to whoever is signed in: what they chose, else what is spoken now, else what their device asks for. */
export function wantedBy(chosen: string | undefined, adult: boolean): LanguageTag {
  return spoken([chosen, language(), ...navigator.languages], adult);
}

// A device that lets nothing be remembered speaks its own language every time.
function remembered(): string | undefined {
  try {
    return localStorage.getItem(REMEMBERED) ?? undefined;
  } catch {
    return undefined;
  }
}

function remember(tag: LanguageTag): void {
  try {
    localStorage.setItem(REMEMBERED, tag);
  } catch {
    // Asked again next time.
  }
}
