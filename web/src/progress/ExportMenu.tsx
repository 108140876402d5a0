import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { useFocus } from "../shell/focus";
import { words } from "./words";

/** Marks as a file, of the group that the screen is narrowed to, or of everyone; and the screen on paper. */
export function ExportMenu() {
  const { classId, group, arrangement } = useFocus();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const groupId = typeof group === "number" ? group : undefined;
  const of = arrangement?.groups.find((each) => each.id === groupId)?.name;
  const file = (as: string) =>
    `/api/classes/${classId}/marks-file?as=${as}${groupId === undefined ? "" : `&groupId=${groupId}`}`;
  return (
    <>
      <Button aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {words.files.open}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem component="a" href={file("XLSX")} onClick={() => setAnchor(null)}>
          {words.files.xlsx(of)}
        </MenuItem>
        <MenuItem component="a" href={file("CSV")} onClick={() => setAnchor(null)}>
          {words.files.csv(of)}
        </MenuItem>
        <MenuItem component="a" href={file("ONEROSTER")} onClick={() => setAnchor(null)}>
          {words.files.oneRoster(of)}
        </MenuItem>
        <MenuItem
          onClick={() => {
            setAnchor(null);
            // The menu is gone before the page is put on paper.
            setTimeout(() => window.print());
          }}
        >
          {words.files.print}
        </MenuItem>
      </Menu>
    </>
  );
}
