import Button from "@mui/material/Button";
import { Suspense, useState } from "react";
import { signOut } from "../frame/signOut";
import { place } from "../languages/place";
import { outbox } from "../outbox/mine";
import { words } from "./words";

const SignOutAnyway = place(() => import("./SignOutAnyway"));

/** Signs out; where something given is not with the server yet, it says so first. */
export function SignOut() {
  const [asking, setAsking] = useState(false);
  const leave = async () => {
    await outbox.flush();
    if (outbox.now().entries.length > 0) {
      setAsking(true);
    } else {
      await signOut();
    }
  };
  return (
    <>
      <Button onClick={leave} sx={{ fontSize: "0.94em" }}>
        {words.signOut}
      </Button>
      <Suspense>{asking && <SignOutAnyway onStay={() => setAsking(false)} />}</Suspense>
    </>
  );
}
