import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { PersistQueryClientProvider } from "@tanstack/react-query-persist-client";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import "@fontsource-variable/atkinson-hyperlegible-next";
import { shownToStudents } from "./api/persister";
import { queryClient } from "./api/queryClient";
import { App } from "./app";
import { NoticeProvider } from "./shell/Notice";
import { theme, ZafuGlobalStyles } from "./theme";

const nonce = document.querySelector<HTMLMetaElement>("meta[name=csp-nonce]")?.content;
const styles = createCache({ key: "zafu", nonce });
const root = document.getElementById("root");
if (!root) {
  throw new Error("the page has no element #root");
}

createRoot(root).render(
  <StrictMode>
    <CacheProvider value={styles}>
      <ThemeProvider theme={theme}>
        <CssBaseline />
        <ZafuGlobalStyles />
        <PersistQueryClientProvider client={queryClient} persistOptions={shownToStudents}>
          <BrowserRouter>
            <NoticeProvider>
              <App />
            </NoticeProvider>
          </BrowserRouter>
        </PersistQueryClientProvider>
      </ThemeProvider>
    </CacheProvider>
  </StrictMode>,
);
