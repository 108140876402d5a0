import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { useNavigate } from "react-router";
import type { ItemKind } from "./itemDraft";
import { words } from "./words";

/** Chooses what kind of item is written. */
export function WriteMenu({ classId }: { classId: number }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const navigate = useNavigate();
  return (
    <>
      <Button variant="contained" aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {words.write}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {(Object.keys(words.newKinds) as ItemKind[]).map((kind) => (
          <MenuItem key={kind} onClick={() => navigate(`/classes/${classId}/library/items/new?kind=${kind}`)}>
            {words.newKinds[kind]}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
