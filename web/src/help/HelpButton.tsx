import ButtonBase from "@mui/material/ButtonBase";
import { lazy, Suspense, useState } from "react";
import { useTypedKeys } from "../shell/useTypedKeys";
import { words } from "./words";

const HelpDialog = lazy(() => import("./HelpDialog"));

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
