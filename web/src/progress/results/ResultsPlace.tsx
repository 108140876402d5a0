import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { Link, useNavigate, useParams } from "react-router";
import { api, data, type Schemas } from "../../api/client";
import { progressQuery, resultsQuery } from "../../api/progressQueries";
import { measuresQuery } from "../../api/queries";
import { queryClient } from "../../api/queryClient";
import { Card, PlaceHead } from "../../shell/Card";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { Waiting } from "../../shell/Waiting";
import { listed, QuestionTable } from "./QuestionTable";
import { words } from "./words";

/** How a task went: share of the points by question and group, wrong answers, time, and by skill. */
export default function ResultsPlace() {
  const { classId, arrangement } = useFocus();
  const taskId = Number(useParams().taskId);
  const results = useQuery(resultsQuery(classId, taskId, arrangement?.id)).data;
  const grid = useQuery(progressQuery(classId, arrangement?.id)).data;
  const navigate = useNavigate();
  const tell = useNotice();
  const group = useMutation({
    mutationFn: () =>
      data<Schemas["ColumnAsMeasure"]>(
        api.POST("/api/classes/{classId}/progress/tasks/{taskId}/measure", {
          params: { path: { classId, taskId } },
        }),
      ),
    onSuccess: async ({ measureId }) => {
      await queryClient.invalidateQueries({ queryKey: measuresQuery.queryKey });
      navigate(`/classes/${classId}/arrange?measure=${measureId}`);
    },
    onError: (error) => tell(error.message),
  });
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
          <Button disabled={group.isPending} onClick={() => group.mutate()}>
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
      {results.groups.length === 0 ? (
        <Card sx={{ p: 3 }}>{words.nobody}</Card>
      ) : (
        <Card role="region" aria-label={words.table} tabIndex={0} sx={{ overflow: "auto" }}>
          <QuestionTable results={results} names={names} />
        </Card>
      )}
      {results.skills.length > 0 && (
        <Card component="section" sx={{ mt: 1.5, p: 2 }}>
          <Box component="h2" sx={{ fontSize: 15, mb: 0.5 }}>
            {words.skills}
          </Box>
          {results.skills.map((skill) => (
            <Box
              key={skill.id}
              sx={{ display: "flex", gap: 2, py: 0.5, borderTop: "1px solid var(--z-line)" }}
            >
              <Box sx={{ flex: 1 }}>{skill.name}</Box>
              <b>{words.share(skill.share)}</b>
              <Box sx={{ flex: 1, color: "var(--z-soft)" }}>
                {skill.missed.length > 0 && (
                  <>
                    {words.skillMissed(skill.missed.length)}: {listed(skill.missed, names)}
                  </>
                )}
              </Box>
            </Box>
          ))}
        </Card>
      )}
    </>
  );
}
