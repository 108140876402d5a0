import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { Link, useParams } from "react-router";
import { progressQuery, resultsQuery } from "../../api/progressQueries";
import { classesQuery } from "../../api/queries";
import { Card, PlaceHead } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { Waiting } from "../../shell/Waiting";
import { CorrectedKeys } from "./CorrectedKeys";
import { QuestionTable } from "./QuestionTable";
import { SkillResults } from "./SkillResults";
import { useMissedDeeds } from "./useMissedDeeds";
import { words } from "./words";

/** How a task went: share of the points by question and group, wrong answers, time, and by skill. */
export default function ResultsPlace() {
  const { classId, arrangement } = useFocus();
  const taskId = Number(useParams().taskId);
  const results = useQuery(resultsQuery(classId, taskId, arrangement?.id)).data;
  const grid = useQuery(progressQuery(classId, arrangement?.id)).data;
  const today = useQuery(classesQuery).data?.now;
  const deeds = useMissedDeeds(taskId, today?.slice(0, 10) ?? "");
  if (!results) {
    return <Waiting />;
  }
  const names = new Map(
    (grid?.groups ?? []).flatMap((group) => group.students).map((each) => [each.id, each.givenName]),
  );
  return (
    <>
      <PlaceHead
        title={results.name}
        about={words.about}
        between={
          <Button variant="text" component={Link} to={`/classes/${classId}/progress`} sx={{ order: -1 }}>
            {words.back}
          </Button>
        }
      >
        {grid?.mayChange && results.groups.length > 0 && (
          <Button disabled={deeds.group.isPending} onClick={() => deeds.group.mutate()}>
            {words.makeGroups}
          </Button>
        )}
        <Button component={Link} to={`/classes/${classId}/progress/tasks/${taskId}/live`}>
          {words.live}
        </Button>
        <Button component={Link} to={`/classes/${classId}/progress/tasks/${taskId}/marking`}>
          {words.mark}
        </Button>
      </PlaceHead>
      {grid?.mayChange && <CorrectedKeys classId={classId} taskId={taskId} />}
      {results.groups.length === 0 ? (
        <Card sx={{ p: 3 }}>{words.nobody}</Card>
      ) : (
        <Card role="region" aria-label={words.table} tabIndex={0} sx={{ overflow: "auto" }}>
          <QuestionTable
            results={results}
            names={names}
            onGroup={grid?.mayChange && today ? deeds.groupMissed.mutate : undefined}
          />
        </Card>
      )}
      {results.skills.length > 0 && (
        <SkillResults
          skills={results.skills}
          itself={results.items}
          names={names}
          deeds={grid?.mayChange && today ? deeds : undefined}
        />
      )}
    </>
  );
}
