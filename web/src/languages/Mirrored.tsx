import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import { createTheme, ThemeProvider } from "@mui/material/styles";
import rightToLeft from "@mui/stylis-plugin-rtl";
import type { ReactNode } from "react";
import { prefixer } from "stylis";
import { theme } from "../theme";

const nonce = document.querySelector<HTMLMetaElement>("meta[name=csp-nonce]")?.content;
const styles = createCache({ key: "zafu-rtl", nonce, stylisPlugins: [prefixer, rightToLeft] });
const mirroredTheme = createTheme({ ...theme, direction: "rtl" });

/** The page of a language that is written from the right: what is at the left elsewhere is at the right here. */
export default function Mirrored({ children }: { children: ReactNode }) {
  return (
    <CacheProvider value={styles}>
      <ThemeProvider theme={mirroredTheme}>{children}</ThemeProvider>
    </CacheProvider>
  );
}
