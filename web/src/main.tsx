import createCache from "@emotion/cache";
import { CacheProvider } from "@emotion/react";
import CssBaseline from "@mui/material/CssBaseline";
import { ThemeProvider } from "@mui/material/styles";
import { QueryClientProvider } from "@tanstack/react-query";
import { persistQueryClientRestore, persistQueryClientSubscribe } from "@tanstack/react-query-persist-client";
import { StrictMode } from "react";
import { createRoot } from "react-dom/client";
import { BrowserRouter } from "react-router";
import "@fontsource-variable/atkinson-hyperlegible-next";
import { shownToStudents } from "./api/persister";
import { queryClient } from "./api/queryClient";
import { App } from "./app";
import { AsWritten } from "./languages/AsWritten";
import { speakToWhoIsHere } from "./languages/chosen";
import { onLanguage } from "./languages/speak";
import { NoticeProvider } from "./shell/Notice";
import { theme, ZafuGlobalStyles } from "./theme";

const nonce = document.querySelector<HTMLMetaElement>("meta[name=csp-nonce]")?.content;
const styles = createCache({ key: "zafu", nonce });
const root = document.getElementById("root");
if (!root) {
  throw new Error("the page has no element #root");
}

const kept = { queryClient, ...shownToStudents };
// What a student was last shown is there before the first paint, so that nothing is painted twice on a slow device.
await Promise.all([persistQueryClientRestore(kept), speakToWhoIsHere()]);
persistQueryClientSubscribe(kept);
// What the server says in words is asked for anew.
onLanguage(() => void queryClient.invalidateQueries());

createRoot(root).render(
  <StrictMode>
    <CacheProvider value={styles}>
      <ThemeProvider theme={theme}>
        <CssBaseline />
        <ZafuGlobalStyles />
        <QueryClientProvider client={queryClient}>
          <BrowserRouter>
            <AsWritten>
              <NoticeProvider>
                <App />
              </NoticeProvider>
            </AsWritten>
          </BrowserRouter>
        </QueryClientProvider>
      </ThemeProvider>
    </CacheProvider>
  </StrictMode>,
);
