import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import FormControlLabel from "@mui/material/FormControlLabel";
import Switch from "@mui/material/Switch";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import { sheetQuery } from "../../api/progressQueries";
import { PlaceHead } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { type KeyHint, useShowKeys } from "../../shell/keyHints";
import { Waiting } from "../../shell/Waiting";
import { MarkQuestion } from "./MarkQuestion";
import { MarkWork } from "./MarkWork";
import { useMarking } from "./useMarking";
import { words } from "./words";

const keys = (): readonly KeyHint[] => [
  [["Tab"], words.keys.next],
  [["Enter"], words.keys.save],
];

type How = "question" | "student";

/** Marks one task: question by question across students, or work by work; of one group where the bar says so. */
export default function MarkingPlace() {
  const { classId, group, arrangement } = useFocus();
  const taskId = Number(useParams().taskId);
  const groupId = typeof group === "number" ? group : undefined;
  const [how, setHow] = useState<How>("question");
  const [hidden, setHidden] = useState(false);
  const sheet = useQuery(sheetQuery(classId, taskId, groupId, hidden)).data;
  const marking = useMarking(taskId);
  useShowKeys(keys);
  if (!sheet) {
    return <Waiting />;
  }
  const of = arrangement?.groups.find((each) => each.id === groupId)?.name;
  const open = sheet.works.filter((each) => !each.returned);
  return (
    <>
      <PlaceHead
        title={sheet.name}
        about={words.left(sheet.toMark, of)}
        between={
          <Button
            variant="text"
            component={Link}
            to={`/classes/${classId}/progress/to-mark`}
            sx={{ order: -1 }}
          >
            {words.back}
          </Button>
        }
      >
        <FormControlLabel
          control={<Switch checked={hidden} onChange={(event) => setHidden(event.target.checked)} />}
          label={words.hideNames}
        />
        <ToggleButtonGroup
          exclusive
          size="small"
          value={how}
          aria-label={words.how}
          onChange={(_, next: How | null) => next && setHow(next)}
        >
          <ToggleButton value="question">{words.byQuestion}</ToggleButton>
          <ToggleButton value="student">{words.byStudent}</ToggleButton>
        </ToggleButtonGroup>
        {sheet.mayMark && open.length > 0 && sheet.toMark === 0 && (
          <Button
            variant="contained"
            disabled={marking.giveBack.isPending}
            onClick={() => marking.giveBack.mutate({ tries: open.map((each) => each.tryId), returned: true })}
          >
            {words.giveBack}
          </Button>
        )}
      </PlaceHead>
      {sheet.works.length === 0 && words.nobody}
      <Box sx={{ display: "grid", gap: 1.5 }}>
        {how === "question"
          ? sheet.questions.map((question, i) => (
              <MarkQuestion
                key={question.sheet.id}
                sheet={sheet}
                question={question}
                number={i + 1}
                marking={marking}
              />
            ))
          : null}
        {(how === "student" || sheet.way === "HAND_IN") &&
          sheet.works.map((work, i) => (
            <MarkWork
              key={work.tryId}
              sheet={sheet}
              work={work}
              number={i + 1}
              withAnswers={how === "student"}
              marking={marking}
            />
          ))}
      </Box>
    </>
  );
}
