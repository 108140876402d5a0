import ButtonBase from "@mui/material/ButtonBase";
import { Suspense, useState } from "react";
import { place } from "../languages/place";
import { useTypedKeys } from "../shell/useTypedKeys";
import { words } from "./words";

const HelpDialog = place(() => import("./HelpDialog"));

/** Help for the place one is at; the key ? opens it too. */
export function HelpButton() {
  const [open, setOpen] = useState(false);
  useTypedKeys({ "?": () => setOpen(true) });
  return (
    <>
      <ButtonBase aria-haspopup="dialog" onClick={() => setOpen(true)} sx={{ font: "inherit" }}>
        {words.open}
      </ButtonBase>
      {open && (
        <Suspense>
          <HelpDialog onClose={() => setOpen(false)} />
        </Suspense>
      )}
    </>
  );
}
