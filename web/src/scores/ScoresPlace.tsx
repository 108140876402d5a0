import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { classesQuery, scoreSheetQuery } from "../api/queries";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { type KeyHint, useShowKeys } from "../shell/keyHints";
import { Waiting } from "../shell/Waiting";
import { ScoreGrid } from "./ScoreGrid";
import { useScoreSheet } from "./useScoreSheet";
import { words } from "./words";

const keyHints = (): readonly KeyHint[] => [
  [[words.keys.arrows], words.keys.move],
  [["Enter"], words.keys.down],
  [["Ctrl V"], words.keys.paste],
  [["Ctrl Z"], words.keys.undo],
];

/** Scores of a whole class on one day, typed as in a spreadsheet. */
export default function ScoresPlace() {
  const { classId } = useFocus();
  const classes = useQuery(classesQuery).data;
  const [chosen, setChosen] = useState<string | null>(null);
  const today =
    classes && new Intl.DateTimeFormat("en-CA", { timeZone: classes.zone }).format(new Date(classes.now));
  const on = chosen ?? today ?? "";
  const sheet = useQuery({ ...scoreSheetQuery(classId, on), enabled: on !== "" }).data;
  useShowKeys(keyHints);
  if (!classes || !sheet) {
    return <Waiting />;
  }
  return <Sheet key={sheet.on} classId={classId} sheet={sheet} today={today ?? ""} onDay={setChosen} />;
}

interface Props {
  classId: number;
  sheet: Schemas["ScoreSheet"];
  today: string;
  onDay: (day: string) => void;
}

function Sheet({ classId, sheet, today, onDay }: Props) {
  const scores = useScoreSheet(classId, sheet);
  return (
    <>
      <PlaceHead title={words.title} about={words.about}>
        <Box
          role="status"
          sx={{ fontSize: 12.5, color: scores.faults > 0 ? "var(--z-clayText)" : "var(--z-mossText)" }}
        >
          {scores.faults > 0
            ? words.wrong({ count: scores.faults })
            : scores.keptCount > 0 && !scores.busy && `✓ ${words.kept({ count: scores.keptCount })}`}
        </Box>
        <TextField
          type="date"
          label={words.on}
          value={sheet.on}
          onChange={(event) => event.target.value && onDay(event.target.value)}
          slotProps={{ inputLabel: { shrink: true }, htmlInput: { max: today } }}
        />
        <Button disabled={!scores.canUndo} onClick={scores.undo}>
          {words.undo}
        </Button>
        <Button variant="text" component={Link} to={`/classes/${classId}/students`}>
          {words.back}
        </Button>
      </PlaceHead>
      <Card sx={{ overflow: "auto", maxHeight: "calc(100% - 60px)" }}>
        {sheet.lines.length === 0 ? (
          <Box sx={{ p: 3 }}>{words.nobody}</Box>
        ) : (
          <ScoreGrid sheet={sheet} scores={scores} />
        )}
      </Card>
    </>
  );
}
