import "@fontsource-variable/lexend";
import "@fontsource/opendyslexic/400.css";
import "@fontsource/opendyslexic/700.css";
import { useQuery } from "@tanstack/react-query";
import { createContext, type ReactNode, useContext, useEffect, useLayoutEffect } from "react";
import type { Schemas } from "../api/client";
import { easeQuery } from "../api/myQueries";
import { switchTo } from "../languages/chosen";
import { spoken } from "../languages/languages";
import { language } from "../languages/speak";

export type Ease = Schemas["Ease"];

const usual: Ease = {
  textSize: "USUAL",
  spacing: "USUAL",
  typeface: "USUAL",
  colours: "USUAL",
  lineFocus: false,
  clockHidden: false,
};

const EaseContext = createContext<Ease>(usual);

/** The student's pages look as the student likes to read: it stands on the page itself, and the theme follows it. */
export function EaseProvider({ children }: { children: ReactNode }) {
  const ease = useQuery(easeQuery).data ?? usual;
  useLayoutEffect(() => {
    const { dataset } = document.documentElement;
    dataset.size = ease.textSize;
    dataset.spacing = ease.spacing;
    dataset.typeface = ease.typeface;
    dataset.colours = ease.colours;
    return () => {
      for (const name of ["size", "spacing", "typeface", "colours"]) {
        delete dataset[name];
      }
    };
  }, [ease]);
  useEffect(() => {
    if (ease.language) {
      const tag = spoken([ease.language], false);
      if (tag !== language()) {
        // Where its words do not come, work goes on in the language that is here.
        switchTo(tag).catch(() => undefined);
      }
    }
  }, [ease.language]);
  return <EaseContext value={ease}>{children}</EaseContext>;
}

export function useEase(): Ease {
  return useContext(EaseContext);
}
