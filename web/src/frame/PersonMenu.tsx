import ButtonBase from "@mui/material/ButtonBase";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useQuery } from "@tanstack/react-query";
import { Suspense, useState } from "react";
import { Link } from "react-router";
import { api, type Schemas } from "../api/client";
import { sessionQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useLanguage } from "../languages/chosen";
import { allLanguages, type LanguageTag, languages } from "../languages/languages";
import { place } from "../languages/place";
import { words } from "../shell/words";
import { signOut } from "./signOut";

const AboutDialog = place(() => import("../account/AboutDialog"));
const SignInsDialog = place(() => import("../account/SignInsDialog"));
const JoinGroupDialog = place(() => import("../entry/JoinGroupDialog"));

async function askToHelp(body: Schemas["GroupKey"]): Promise<string> {
  await api.POST("/api/groups/join", { body });
  return words.askedToHelp;
}

const adultLanguages = allLanguages.filter((tag) => languages[tag].adults);

/** Keeps the language with the account, and then speaks it. */
async function speakTo(language: LanguageTag): Promise<void> {
  await api.PUT("/api/account/language", { body: { language } });
  await queryClient.invalidateQueries({ queryKey: sessionQuery.queryKey });
}

/** What is the adult's own: the school, helping in a group, their language, where they are signed in, what Zafu is made of, signing out. */
export function PersonMenu() {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [joining, setJoining] = useState(false);
  const [listing, setListing] = useState(false);
  const [telling, setTelling] = useState(false);
  const now = useLanguage();
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
        {adultLanguages.map((tag) => (
          <MenuItem key={tag} lang={tag} selected={tag === now} onClick={() => speakTo(tag)}>
            {languages[tag].name}
          </MenuItem>
        ))}
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
