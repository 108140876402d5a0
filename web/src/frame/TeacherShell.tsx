import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { useParams } from "react-router";
import { classesQuery } from "../api/queries";
import { useNews } from "../api/useNews";
import { FocusProvider } from "../shell/focus";
import { GroupBar } from "../shell/GroupBar";
import { KeyHintsProvider } from "../shell/keyHints";
import { OpenedPage } from "../shell/OpenedPage";
import { words } from "../shell/words";
import { TopBar } from "./TopBar";

export default function TeacherShell() {
  const classId = Number(useParams().classId);
  useNews(classId);
  const classes = useQuery(classesQuery).data?.classes;
  if (classes && !classes.some((each) => each.id === classId)) {
    return <NoSuchClass />;
  }
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
            <OpenedPage />
          </Box>
          <GroupBar />
        </Box>
      </KeyHintsProvider>
    </FocusProvider>
  );
}

function NoSuchClass() {
  return (
    <KeyHintsProvider>
      <TopBar />
      <Box component="main" role="alert" sx={{ p: 4 }}>
        {words.noSuchClass}
      </Box>
    </KeyHintsProvider>
  );
}
