import Box from "@mui/material/Box";
import { KeyHintsProvider } from "../shell/keyHints";
import { OpenedPage } from "../shell/OpenedPage";
import { words } from "../shell/words";
import { TopBar } from "./TopBar";

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
