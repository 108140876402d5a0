import Button from "@mui/material/Button";
import { Suspense, useState } from "react";
import { place } from "../languages/place";
import { words } from "./words";

const EaseDialog = place(() => import("./EaseDialog"));

/** Opens how the student likes to read. A choice holds at once, here and wherever they sign in. */
export function EaseButton() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button aria-label={words.open} onClick={() => setOpen(true)} sx={{ fontSize: "1em", minWidth: 48 }}>
        {words.button}
      </Button>
      <Suspense>{open && <EaseDialog onClose={() => setOpen(false)} />}</Suspense>
    </>
  );
}
