import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { progressQuery } from "../api/queries";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { Waiting } from "../shell/Waiting";
import { Grid } from "./Grid";
import { TryDialog } from "./TryDialog";
import { words } from "./words";

export default function ProgressPlace() {
  const { classId, arrangement } = useFocus();
  const [open, setOpen] = useState<number | null>(null);
  const grid = useQuery(progressQuery(classId, arrangement?.id)).data;
  if (!grid) {
    return <Waiting />;
  }
  return (
    <>
      <PlaceHead title={words.title} about={words.about} />
      <Card
        role="region"
        aria-label={words.about}
        tabIndex={0}
        sx={{ overflow: "auto", maxHeight: "calc(100vh - 170px)", "@media print": { maxHeight: "none" } }}
      >
        {grid.tasks.length === 0 ? (
          <Box sx={{ p: 3 }}>{words.none}</Box>
        ) : (
          <Grid grid={grid} onOpen={setOpen} />
        )}
      </Card>
      {open !== null && <TryDialog tryId={open} onClose={() => setOpen(null)} />}
    </>
  );
}
