import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { mySurveysQuery, surveysOf } from "../api/pageQueries";
import { queryClient } from "../api/queryClient";
import { useWhose } from "../api/whose";
import { Card } from "../shell/Card";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

/** What the teacher asks: up to three answers, tapped in the order of liking. */
export function MySurveys() {
  const surveys = useQuery(surveysOf(useWhose())).data ?? [];
  return (
    <>
      {surveys.map((survey) => (
        <MySurvey key={survey.id} survey={survey} />
      ))}
    </>
  );
}

function MySurvey({ survey }: { survey: Schemas["MySurvey"] }) {
  const tell = useNotice();
  const [ranked, setRanked] = useState<number[]>(survey.ranked);
  const send = useMutation({
    mutationFn: () =>
      api.PUT("/api/my/surveys/{surveyId}", {
        params: { path: { surveyId: survey.id } },
        body: { ranked },
      }),
    onSuccess: () => {
      queryClient.invalidateQueries({ queryKey: mySurveysQuery.queryKey });
      tell(words.surveySent);
    },
    onError: (error) => tell(error.message),
  });
  const tap = (id: number) =>
    setRanked(ranked.includes(id) ? ranked.filter((each) => each !== id) : [...ranked, id].slice(0, 3));
  const changed = ranked.join() !== survey.ranked.join();
  return (
    <Card component="section" aria-label={survey.question} sx={{ p: 2, mt: 2, display: "grid", gap: 1 }}>
      <Box component="h2" sx={{ fontSize: "1.06em" }}>
        {survey.question}
      </Box>
      <Box sx={{ color: "var(--z-soft)", fontSize: "0.88em" }}>{words.surveyHelp}</Box>
      {survey.options.map((option) => {
        const place = ranked.indexOf(option.id);
        return (
          <Button
            key={option.id}
            aria-pressed={place >= 0}
            onClick={() => tap(option.id)}
            sx={{
              justifyContent: "start",
              fontSize: "1em",
              py: 1,
              gap: 1.25,
              fontWeight: place >= 0 ? 700 : 400,
            }}
          >
            <Box
              component="span"
              sx={{
                width: 26,
                height: 26,
                borderRadius: 99,
                display: "grid",
                placeItems: "center",
                border: "1px solid var(--z-line)",
                bgcolor: place >= 0 ? "var(--z-aubergineWash)" : "transparent",
              }}
            >
              {place >= 0 ? place + 1 : ""}
            </Box>
            {option.words}
          </Button>
        );
      })}
      {(changed || survey.ranked.length === 0) && (
        <Button
          disabled={ranked.length === 0 || send.isPending}
          onClick={() => send.mutate()}
          sx={{ py: 0.9, fontSize: "1em" }}
        >
          {words.surveySend}
        </Button>
      )}
      {!changed && survey.ranked.length > 0 && (
        <Box sx={{ color: "var(--z-mossText)" }}>{words.surveyKept}</Box>
      )}
    </Card>
  );
}
