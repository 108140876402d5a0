import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { typedNumber } from "../languages/numbers";
import { wordsOf } from "../languages/words";
import { FormFoot } from "../shell/FormFoot";
import { SeenByField } from "../shell/SeenByField";
import { useKeeping } from "../shell/sharing";
import { words } from "./words";

const w = wordsOf("school", "measure");

interface Props {
  /** Absent for a new one. */
  measure: Schemas["MeasureCard"] | undefined;
  onClose: () => void;
}

/** Defines a measure: numbers within a range, or levels in an order. */
export function MeasureDialog({ measure, onClose }: Props) {
  const [ordered, setOrdered] = useState((measure?.levels.length ?? 0) > 0);
  const [which, setWhich] = useState(measure?.whichCounts ?? "LATEST");
  const { keeps, classes } = useKeeping();
  const was = measure && (measure.classId ?? null);
  const [classId, setClassId] = useState(was === undefined ? (keeps ? null : classes[0]?.id) : was);
  const keep = useMutation({
    mutationFn: async (body: Schemas["MeasureEdit"]) => {
      if (measure) {
        await api.PUT("/api/measures/{measureId}", { params: { path: { measureId: measure.id } }, body });
      } else {
        await api.POST("/api/measures", { body });
      }
    },
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: ["measures"] });
      queryClient.invalidateQueries({ queryKey: ["class"] });
      onClose();
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    keep.mutate({
      ...edited(new FormData(event.currentTarget), ordered),
      classId: classId ?? undefined,
    });
  };
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{measure?.name ?? words.newMeasure}</DialogTitle>
      <DialogContent>
        <Box
          component="form"
          onSubmit={submit}
          sx={{
            display: "grid",
            gap: 1.75,
            pt: 1,
            width: 460,
            gridTemplateColumns: "1fr 1fr",
            alignItems: "start",
          }}
        >
          <TextField name="name" label={w.name} defaultValue={measure?.name} required autoFocus />
          <TextField
            select
            label={w.kind}
            value={ordered ? "levels" : "numbers"}
            onChange={(event) => setOrdered(event.target.value === "levels")}
          >
            <MenuItem value="numbers">{w.numeric}</MenuItem>
            <MenuItem value="levels">{w.ordered}</MenuItem>
          </TextField>
          {ordered ? (
            <TextField
              name="levels"
              label={w.levels}
              defaultValue={measure?.levels.join("\n")}
              multiline
              minRows={4}
              maxRows={10}
              sx={{ gridColumn: "1 / -1" }}
            />
          ) : (
            <NumberFields measure={measure} />
          )}
          <TextField
            select
            name="whichCounts"
            label={w.which}
            value={which}
            onChange={(event) => setWhich(event.target.value)}
          >
            {(["LATEST", "BEST", "MEAN"] as const).map((each) => (
              <MenuItem key={each} value={each}>
                {w[each]}
              </MenuItem>
            ))}
          </TextField>
          {which === "MEAN" ? (
            <TextField name="meanOf" type="number" label={w.meanOf} defaultValue={measure?.meanOf ?? 3} />
          ) : (
            <span />
          )}
          <TextField
            name="shelfLifeDays"
            type="number"
            label={w.shelfLife}
            defaultValue={measure?.shelfLifeDays ?? 120}
          />
          <SeenByField was={was} value={classId} onChoose={setClassId} />
          {measure && (
            <FormControlLabel
              sx={{ gridColumn: "1 / -1" }}
              control={<Checkbox name="archived" defaultChecked={measure.archived} />}
              label={w.archive}
            />
          )}
          <FormFoot deed={keep} words={words} onCancel={onClose} />
        </Box>
      </DialogContent>
    </Dialog>
  );
}

function NumberFields({ measure }: { measure: Schemas["MeasureCard"] | undefined }) {
  return (
    <>
      <TextField name="lowest" type="number" label={w.lowest} defaultValue={measure?.lowest ?? 0} />
      <TextField name="highest" type="number" label={w.highest} defaultValue={measure?.highest ?? 100} />
      <TextField name="unit" label={w.unit} defaultValue={measure?.unit} />
      <TextField name="decimals" type="number" label={w.decimals} defaultValue={measure?.decimals ?? 0} />
      <TextField
        select
        name="better"
        label={w.better}
        defaultValue={measure?.lowerIsBetter ? "lower" : "higher"}
      >
        <MenuItem value="higher">{w.higher}</MenuItem>
        <MenuItem value="lower">{w.lower}</MenuItem>
      </TextField>
      <TextField
        name="standardError"
        label={w.error}
        helperText={w.errorHelp}
        defaultValue={measure?.standardError}
      />
    </>
  );
}

function edited(fields: FormData, ordered: boolean): Schemas["MeasureEdit"] {
  const text = (name: string) => String(fields.get(name) ?? "").trim();
  const number = (name: string, otherwise: number) =>
    text(name) === "" ? otherwise : typedNumber(text(name));
  return {
    name: text("name"),
    unit: text("unit"),
    lowest: number("lowest", 0),
    highest: number("highest", 0),
    decimals: number("decimals", 0),
    lowerIsBetter: text("better") === "lower",
    standardError: text("standardError") === "" ? undefined : number("standardError", 0),
    levels: ordered
      ? text("levels")
          .split("\n")
          .map((each) => each.trim())
          .filter(Boolean)
      : [],
    whichCounts: text("whichCounts") as Schemas["MeasureEdit"]["whichCounts"],
    meanOf: text("meanOf") === "" ? undefined : number("meanOf", 3),
    shelfLifeDays: number("shelfLifeDays", 120),
    archived: fields.get("archived") !== null,
  };
}
