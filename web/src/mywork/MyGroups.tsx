import Button from "@mui/material/Button";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import JoinGroupDialog from "../entry/JoinGroupDialog";
import { words } from "./words";

async function join(body: Schemas["GroupKey"]): Promise<string> {
  const { state, group } = await data<Schemas["Joined"]>(api.POST("/api/my/groups/join", { body }));
  if (state !== "LET_IN") {
    return words.groups.waits;
  }
  queryClient.invalidateQueries({ queryKey: ["my"] });
  return words.groups.isIn(group);
}

/** A student comes into a group with the code and password that a teacher told. */
export default function MyGroups() {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button variant="text" sx={{ fontSize: "0.88em" }} onClick={() => setOpen(true)}>
        {words.groups.button}
      </Button>
      {open && <JoinGroupDialog help={words.groups.help} onKey={join} onClose={() => setOpen(false)} />}
    </>
  );
}
