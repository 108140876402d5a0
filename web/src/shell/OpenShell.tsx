import Box from "@mui/material/Box";
import { KeyHintsProvider } from "./keyHints";
import { OpenedPage } from "./OpenedPage";
import { TopBar } from "./TopBar";
import { words } from "./words";

/** Around the pages of an adult that belong to no class: the school, and a class that is only being brought in. */
export default function OpenShell() {
  return (
    <KeyHintsProvider>
      <Box component="a" href="#page" className="visually-hidden">
        {words.skip}
      </Box>
      <TopBar />
      <Box component="main" id="page" sx={{ maxWidth: 1320, mx: "auto", px: 2.5, pb: 4 }}>
        <OpenedPage />
      </Box>
    </KeyHintsProvider>
  );
}
