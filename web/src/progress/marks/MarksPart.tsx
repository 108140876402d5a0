import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { marksQuery, progressQuery } from "../../api/progressQueries";
import { Card } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { Waiting } from "../../shell/Waiting";
import { gridStyle } from "../gridStyle";
import { words as common } from "../words";
import { MarkingSettings } from "./MarkingSettings";
import { MarkStory } from "./MarkStory";
import { words } from "./words";

/** Every student's mark on a day, by kind of work; a click says how it came about. */
export default function MarksPart() {
  const { classId, arrangement, includes } = useFocus();
  const [asOf, setAsOf] = useState("");
  const [story, setStory] = useState<Schemas["MarkRow"] | null>(null);
  const [settings, setSettings] = useState(false);
  const marks = useQuery(marksQuery(classId, asOf || undefined)).data;
  const mayChange = useQuery(progressQuery(classId, arrangement?.id)).data?.mayChange ?? false;
  if (!marks) {
    return <Waiting />;
  }
  const several = marks.categories.length > 1;
  return (
    <>
      <Box className="no-print" sx={{ display: "flex", gap: 1.5, pb: 1, alignItems: "center" }}>
        <TextField
          size="small"
          type="date"
          label={words.asOf}
          value={asOf || marks.asOf}
          onChange={(event) => setAsOf(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        {mayChange && <Button onClick={() => setSettings(true)}>{words.settings.open}</Button>}
      </Box>
      <Card
        role="region"
        aria-label={words.about}
        tabIndex={0}
        sx={{ overflow: "auto", flex: 1, minHeight: 0 }}
      >
        <Box component="table" sx={{ ...gridStyle, minWidth: 0 }}>
          <thead>
            <tr>
              <Box component="th" scope="col" sx={{ textAlign: "left", minWidth: 220 }}>
                {words.student}
              </Box>
              {several &&
                marks.categories.map((each) => (
                  <th key={each.id} scope="col">
                    {each.name}
                    <Box sx={{ fontWeight: 400, color: "var(--z-soft)" }}>{common.percent(each.share)}</Box>
                  </th>
                ))}
              <Box component="th" scope="col" sx={{ minWidth: 110 }}>
                {words.mark}
              </Box>
            </tr>
          </thead>
          <tbody>
            {marks.students
              .filter((each) => includes(each.id))
              .map((row) => (
                <tr key={row.id}>
                  <th scope="row">
                    {row.givenName} {row.familyName}
                  </th>
                  {several &&
                    row.categories.map((each, i) => (
                      <td key={marks.categories[i]?.id}>
                        {each.share === undefined ? words.none : common.percent(each.share)}
                      </td>
                    ))}
                  <td>
                    <button
                      type="button"
                      aria-label={words.how({ name: row.givenName })}
                      onClick={() => setStory(row)}
                    >
                      <b>{row.mark === undefined ? words.none : common.percent(row.mark)}</b>
                    </button>
                  </td>
                </tr>
              ))}
          </tbody>
        </Box>
      </Card>
      {story && (
        <Dialog open onClose={() => setStory(null)} fullWidth maxWidth="sm" aria-labelledby="story">
          <DialogTitle id="story">{words.how({ name: story.givenName })}</DialogTitle>
          <DialogContent>
            <MarkStory studentId={story.id} asOf={asOf || undefined} />
          </DialogContent>
          <DialogActions>
            <Button onClick={() => setStory(null)}>{words.close}</Button>
          </DialogActions>
        </Dialog>
      )}
      {settings && <MarkingSettings onClose={() => setSettings(false)} />}
    </>
  );
}
