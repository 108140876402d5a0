import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useState } from "react";
import { useLocation } from "react-router";
import { Key } from "../shell/Key";
import { type KeyHint, useKeyHints } from "../shell/keyHints";
import { type PageOfHelp, pageFor, pages, words } from "./words";

const everywhere = (): readonly KeyHint[] => [
  [["?"], words.everywhere.help],
  [["Tab"], words.everywhere.next],
  [["Esc"], words.everywhere.close],
];

/** What a place is for, how one does things there, and its keys. */
export default function HelpDialog({ onClose }: { onClose: () => void }) {
  const here = pageFor(useLocation().pathname);
  const [shown, setShown] = useState<PageOfHelp>(here);
  const keys = useKeyHints();
  const page = pages[shown];
  return (
    <Dialog open onClose={onClose} maxWidth="sm" fullWidth aria-labelledby="help-title">
      <DialogTitle id="help-title">{page.title}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5 }}>
        <Box>{page.about}</Box>
        <Box component="ul" aria-label={words.how} sx={{ m: 0, pl: 2.5, display: "grid", gap: 0.5 }}>
          {page.how.map((sentence) => (
            <li key={sentence}>{sentence}</li>
          ))}
        </Box>
        {shown === here && <Keys title={words.keysHere} keys={keys} none={words.noKeysHere} />}
        <Keys title={words.keysEverywhere} keys={everywhere()} />
        <Box component="nav" aria-label={words.others} sx={{ display: "flex", flexWrap: "wrap", gap: 0.75 }}>
          {(Object.keys(pages) as PageOfHelp[]).map((each) => (
            <Button
              key={each}
              size="small"
              aria-current={each === shown ? "page" : undefined}
              onClick={() => setShown(each)}
            >
              {pages[each].title}
            </Button>
          ))}
        </Box>
      </DialogContent>
      <DialogActions>
        <Button variant="contained" autoFocus onClick={onClose}>
          {words.close}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function Keys({ title, keys, none }: { title: string; keys: readonly KeyHint[]; none?: string }) {
  return (
    <Box component="section" aria-label={title}>
      <Box component="h3" sx={{ fontSize: 14, mb: 0.5 }}>
        {title}
      </Box>
      {keys.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{none}</Box>}
      <Box
        component="dl"
        sx={{ m: 0, display: "grid", gridTemplateColumns: "auto 1fr", columnGap: 1.5, rowGap: 0.5 }}
      >
        {keys.map(([names, does]) => (
          <Box key={does} sx={{ display: "contents" }}>
            <Box component="dt" sx={{ display: "flex", gap: 0.5 }}>
              {names.map((name) => (
                <Key key={name}>{name}</Key>
              ))}
            </Box>
            <Box component="dd" sx={{ m: 0 }}>
              {does}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
