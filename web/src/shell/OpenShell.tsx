import Box from "@mui/material/Box";
import { Suspense } from "react";
import { Outlet } from "react-router";
import { KeyHintsProvider } from "./keyHints";
import { Mishap } from "./Mishap";
import { TopBar } from "./TopBar";
import { Waiting } from "./Waiting";
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
        <Mishap>
          <Suspense fallback={<Waiting />}>
            <Outlet />
          </Suspense>
        </Mishap>
      </Box>
    </KeyHintsProvider>
  );
}
