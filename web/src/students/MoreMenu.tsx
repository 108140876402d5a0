import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Divider from "@mui/material/Divider";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { useNavigate } from "react-router";
import { DoorDialog } from "../entry/DoorDialog";
import { useFocus } from "../shell/focus";
import { NotPrinted } from "../shell/NotPrinted";
import { PastImports } from "./PastImports";
import { words } from "./words";

interface Props {
  selected: readonly number[];
  needs: boolean;
  mayChange: boolean;
}

type Opened = "door" | "past" | null;

/** What is done less often: cards, lists that go out, wishes, the door, what was brought in. */
export function MoreMenu({ selected, needs, mayChange }: Props) {
  const { classId } = useFocus();
  const navigate = useNavigate();
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [opened, setOpened] = useState<Opened>(null);
  const close = (then?: () => void) => {
    setAnchor(null);
    then?.();
  };
  const chosen = selected.length > 0 ? `students=${selected.join(",")}` : "";
  const outs = (["STUDENTS", "SCORES", "NEEDS"] as const).filter((what) => what !== "NEEDS" || needs);
  return (
    <>
      <Button aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {words.more}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => close()}>
        <Box sx={{ px: 2, maxWidth: 420 }}>
          <NotPrinted classId={classId} />
        </Box>
        <MenuItem
          component="a"
          href={`/api/classes/${classId}/entry-cards?${chosen}`}
          target="_blank"
          onClick={() => close()}
        >
          {words.entryCards}
        </MenuItem>
        <MenuItem onClick={() => close(() => navigate(`/classes/${classId}/wishes`))}>
          {words.surveys}
        </MenuItem>
        {mayChange && <MenuItem onClick={() => close(() => setOpened("door"))}>{words.door}</MenuItem>}
        <MenuItem onClick={() => close(() => setOpened("past"))}>{words.past}</MenuItem>
        <Divider />
        {outs.flatMap((what) =>
          (["CSV", "XLSX"] as const).map((as) => (
            <MenuItem
              key={what + as}
              component="a"
              href={`/api/classes/${classId}/export?what=${what}&as=${as}&${chosen}`}
              onClick={() => close()}
            >
              {words.out({ what: words.outs[what], as: as === "CSV" ? "CSV" : ".xlsx" })}
            </MenuItem>
          )),
        )}
      </Menu>
      {opened === "door" && <DoorDialog classId={classId} onClose={() => setOpened(null)} />}
      {opened === "past" && (
        <PastImports classId={classId} mayChange={mayChange} onClose={() => setOpened(null)} />
      )}
    </>
  );
}
