import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { cutsQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { cutLines } from "./lines";
import { words } from "./words";

type Season = Schemas["CutsShown"]["season"];

/** Benchmarks of a measure, for one grade and season at a time. */
export function CutsDialog({ measure, onClose }: { measure: Schemas["MeasureCard"]; onClose: () => void }) {
  const sets = useQuery(cutsQuery(measure.id)).data;
  const [grade, setGrade] = useState(5);
  const [season, setSeason] = useState<Season>("WINTER");
  if (!sets) {
    return null;
  }
  const now = sets.find((each) => each.grade === grade && each.season === season);
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{words.cutsTitle({ name: measure.name })}</DialogTitle>
      <DialogContent sx={{ width: 460, display: "grid", gap: 2 }}>
        <Box sx={{ display: "flex", gap: 1.5, pt: 1 }}>
          <TextField
            type="number"
            label={words.grade}
            value={grade}
            onChange={(event) => setGrade(Number(event.target.value))}
            slotProps={{ htmlInput: { min: 0, max: 13 } }}
            sx={{ width: 110 }}
          />
          <TextField
            select
            label={words.season}
            value={season}
            onChange={(event) => setSeason(event.target.value as Season)}
            sx={{ width: 150 }}
          >
            {(Object.keys(words.seasons) as Season[]).map((each) => (
              <MenuItem key={each} value={each}>
                {words.seasons[each]}
              </MenuItem>
            ))}
          </TextField>
        </Box>
        <Cuts
          key={`${grade}/${season}`}
          measureId={measure.id}
          set={now ?? { grade, season, cuts: [] }}
          onClose={onClose}
        />
      </DialogContent>
    </Dialog>
  );
}

interface CutsProps {
  measureId: number;
  set: Schemas["CutsShown"];
  onClose: () => void;
}

function Cuts({ measureId, set, onClose }: CutsProps) {
  const [text, setText] = useState(set.cuts.map((cut) => `${cut.score} ${cut.name}`).join("\n"));
  const lines = cutLines(text);
  const keep = useMutation({
    mutationFn: (cuts: Schemas["CutEdit"][]) =>
      api.PUT("/api/measures/{measureId}/cuts", {
        params: { path: { measureId } },
        body: { ...set, cuts },
      }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["measures"] });
      queryClient.invalidateQueries({ queryKey: ["class"] });
      queryClient.invalidateQueries({ queryKey: ["bench"] });
    },
  });
  const unread = "unread" in lines ? words.cutUnread({ line: lines.unread }) : undefined;
  return (
    <>
      <TextField
        multiline
        minRows={4}
        label={words.cutLines}
        placeholder={words.cutExample}
        value={text}
        error={unread !== undefined || keep.isError}
        helperText={unread ?? keep.error?.message ?? (keep.isSuccess ? words.kept : " ")}
        onChange={(event) => setText(event.target.value)}
      />
      <Box sx={{ display: "flex", gap: 1 }}>
        <Button
          variant="contained"
          disabled={!("read" in lines)}
          onClick={() => "read" in lines && keep.mutate(lines.read)}
        >
          {words.keep}
        </Button>
        <Button onClick={onClose}>{words.cancel}</Button>
      </Box>
    </>
  );
}
