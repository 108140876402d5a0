import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { useWhose } from "../api/whose";
import { EaseButton } from "../ease/EaseButton";
import { MyNotices } from "../mycorner/MyNotices";
import { Mark } from "../shell/Mark";
import { MyShelf } from "./MyShelf";
import { MySurveys } from "./MySurveys";
import { SignOut } from "./SignOut";
import { WorkList } from "./WorkList";
import { words } from "./words";

interface Props {
  work: Schemas["MyWork"];
  actions: (card: Schemas["Card"], first: boolean) => ReactNode;
  /** What is to be known before all else. */
  above?: ReactNode;
  /** What can be done besides. */
  below?: ReactNode;
}

/** A student's one page, the same for the student and for an adult who looks in their place; for the latter nothing acts. */
export function MyPage({ work, actions, above, below }: Props) {
  const still = !useWhose().own;
  return (
    <Box component={still ? "section" : "main"} className="reading" sx={{ maxWidth: 640, mx: "auto", p: 2 }}>
      <Box inert={still} sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", gap: 1.25, mb: 1 }}>
        <Mark size={30} />
        <Box component="h1" sx={{ fontSize: { xs: "1.06em", sm: "1.24em" }, flex: "1 1 5em" }}>
          {words.greeting(work.givenName, work.localNow)}
        </Box>
        <EaseButton />
        <Box sx={{ display: { xs: "none", sm: "block" } }}>
          <SignOut />
        </Box>
      </Box>
      {above}
      <WorkList
        work={work}
        actions={actions}
        between={
          <>
            <Box inert={still}>
              <MySurveys />
            </Box>
            <MyNotices />
          </>
        }
        reading={
          <Box inert={still}>
            <MyShelf />
          </Box>
        }
      />
      <Box inert={still} sx={{ mt: 3, display: "flex", flexWrap: "wrap", justifyContent: "center", gap: 1 }}>
        {/* On a phone the greeting has the line to itself. */}
        <Box sx={{ display: { sm: "none" } }}>
          <SignOut />
        </Box>
        {below}
      </Box>
    </Box>
  );
}
