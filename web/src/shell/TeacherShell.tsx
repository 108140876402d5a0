import Box from "@mui/material/Box";
import { Suspense } from "react";
import { Outlet, useParams } from "react-router";
import { useNews } from "../api/useNews";
import { FocusProvider } from "./focus";
import { GroupBar } from "./GroupBar";
import { KeyHintsProvider } from "./keyHints";
import { TopBar } from "./TopBar";
import { Waiting } from "./Waiting";
import { words } from "./words";

export default function TeacherShell() {
  const classId = Number(useParams().classId);
  useNews(classId);
  return (
    <FocusProvider classId={classId} key={classId}>
      <KeyHintsProvider>
        <Box
          sx={{
            height: "100%",
            display: "flex",
            flexDirection: "column",
            "@media print": { height: "auto" },
          }}
        >
          <Box component="a" href="#page" className="visually-hidden">
            {words.skip}
          </Box>
          <TopBar classId={classId} />
          <Box component="main" id="page" sx={{ flex: 1, minHeight: 0, overflow: "auto", px: 2.5, pb: 2 }}>
            <Suspense fallback={<Waiting />}>
              <Outlet />
            </Suspense>
          </Box>
          <GroupBar />
        </Box>
      </KeyHintsProvider>
    </FocusProvider>
  );
}
