import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense, useState } from "react";
import { Link } from "react-router";
import { api, type Schemas } from "../api/client";
import { sessionQuery } from "../api/queries";
import { signOut } from "./signOut";
import { words } from "./words";

const AboutDialog = lazy(() => import("../account/AboutDialog"));
const SignInsDialog = lazy(() => import("../account/SignInsDialog"));
const JoinGroupDialog = lazy(() => import("../entry/JoinGroupDialog"));

async function askToHelp(body: Schemas["GroupKey"]): Promise<string> {
  await api.POST("/api/groups/join", { body });
  return words.askedToHelp;
}

/** What is the adult's own: the school, helping in a group, where they are signed in, what Zafu is made of, signing out. */
export function PersonMenu() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [joining, setJoining] = useState(false);
  const [listing, setListing] = useState(false);
  const [telling, setTelling] = useState(false);
  const name = useQuery(sessionQuery).data?.displayName ?? "";
  return (
    <>
      <ButtonBase
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={{ font: "inherit" }}
      >
        {name}
      </ButtonBase>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem component={Link} to="/school" onClick={() => setAnchor(null)}>
          {words.school}
        </MenuItem>
        <MenuItem
          onClick={() => {
            setAnchor(null);
            setJoining(true);
          }}
        >
          {words.helpInGroup}
        </MenuItem>
        <MenuItem
          onClick={() => {
            setAnchor(null);
            setListing(true);
          }}
        >
          {words.signIns}
        </MenuItem>
        <MenuItem
          onClick={() => {
            setAnchor(null);
            setTelling(true);
          }}
        >
          {words.about}
        </MenuItem>
        <MenuItem onClick={signOut}>{words.signOut}</MenuItem>
      </Menu>
      {listing && (
        <Suspense>
          <SignInsDialog onClose={() => setListing(false)} />
        </Suspense>
      )}
      {telling && (
        <Suspense>
          <AboutDialog onClose={() => setTelling(false)} />
        </Suspense>
      )}
      {joining && (
        <Suspense>
          <JoinGroupDialog help={words.helpInGroupHelp} onKey={askToHelp} onClose={() => setJoining(false)} />
        </Suspense>
      )}
    </>
  );
}
