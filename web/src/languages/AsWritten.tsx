import { type ReactNode, Suspense } from "react";
import { useLanguage } from "./chosen";
import { languages } from "./languages";
import { place } from "./place";

const Mirrored = place(() => import("./Mirrored"));

/** The page as its language is written: from the left, or mirrored from the right. */
export function AsWritten({ children }: { children: ReactNode }) {
  return languages[useLanguage()].direction === "rtl" ? (
    <Suspense>
      <Mirrored>{children}</Mirrored>
    </Suspense>
  ) : (
    children
  );
}
