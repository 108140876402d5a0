import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useEffect } from "react";
import { myWorkQuery, sessionQuery } from "../api/queries";
import { EaseButton } from "../ease/EaseButton";
import { MyNotices } from "../mycorner/MyNotices";
import { Mark } from "../shell/Mark";
import { Waiting } from "../shell/Waiting";
import { Actions } from "./Actions";
import { Connection } from "./Connection";
import { MyShelf } from "./MyShelf";
import { MySurveys } from "./MySurveys";
import { SignOut } from "./SignOut";
import { useIdle } from "./useIdle";
import { WorkList } from "./WorkList";
import { words } from "./words";

const MyCalendar = lazy(() => import("./MyCalendar"));
const MyGroups = lazy(() => import("./MyGroups"));
const MyDevice = lazy(() => import("../device/MyDevice"));

export function MyWorkPlace() {
  const { data: work, dataUpdatedAt } = useQuery(myWorkQuery);
  const session = useQuery(sessionQuery).data;
  const idle = useIdle();
  useEffect(() => {
    if (idle) {
      // So that what is begun here can go on where the connection is lost later.
      void import("../try/TryPlace");
      void import("./BeforeStart");
    }
  }, [idle]);
  if (!work) {
    return <Waiting />;
  }
  return (
    <Box component="main" className="reading" sx={{ maxWidth: 640, mx: "auto", p: 2 }}>
      <Box sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", gap: 1.25, mb: 1 }}>
        <Mark size={30} />
        <Box component="h1" sx={{ fontSize: { xs: "1.06em", sm: "1.24em" }, flex: "1 1 5em" }}>
          {words.greeting(work.givenName, work.localNow)}
        </Box>
        <EaseButton />
        <Box sx={{ display: { xs: "none", sm: "block" } }}>
          <SignOut />
        </Box>
      </Box>
      <Connection seenAt={dataUpdatedAt} />
      <WorkList
        work={work}
        actions={(card, first) => <Actions card={card} first={first} />}
        between={
          <>
            <MySurveys />
            <MyNotices />
          </>
        }
        reading={<MyShelf />}
      />
      <Box sx={{ mt: 3, display: "flex", flexWrap: "wrap", justifyContent: "center", gap: 1 }}>
        {/* On a phone the greeting has the line to itself. */}
        <Box sx={{ display: { sm: "none" } }}>
          <SignOut />
        </Box>
        {idle && (
          <Suspense>
            <MyCalendar />
            <MyGroups />
            {session?.studentId !== undefined && <MyDevice />}
          </Suspense>
        )}
      </Box>
    </Box>
  );
}
