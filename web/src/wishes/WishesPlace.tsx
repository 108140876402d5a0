import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { api, type Schemas } from "../api/client";
import { studentsQuery, surveysQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { AskDialog } from "./AskDialog";
import { FillInDialog } from "./FillInDialog";
import { words } from "./words";

/** What students would like to work on. */
export default function WishesPlace() {
  const { classId } = useFocus();
  const surveys = useQuery(surveysQuery(classId)).data;
  const [asking, setAsking] = useState(false);
  if (!surveys) {
    return <Waiting />;
  }
  return (
    <>
      <PlaceHead title={words.title} about={words.about}>
        <Button variant="text" component={Link} to={`/classes/${classId}/students`}>
          {words.back}
        </Button>
        <Button variant="contained" onClick={() => setAsking(true)}>
          {words.ask}
        </Button>
      </PlaceHead>
      <Box sx={{ display: "grid", gap: 1.5 }}>
        {surveys.length === 0 && <Card sx={{ p: 3 }}>{words.none}</Card>}
        {surveys.map((survey) => (
          <SurveyCard key={survey.id} survey={survey} />
        ))}
      </Box>
      {asking && <AskDialog classId={classId} onClose={() => setAsking(false)} />}
    </>
  );
}

function SurveyCard({ survey }: { survey: Schemas["SurveyShown"] }) {
  const { classId } = useFocus();
  const tell = useNotice();
  const [filling, setFilling] = useState(false);
  const path = { params: { path: { classId, surveyId: survey.id } } };
  const toggle = useMutation({
    mutationFn: () =>
      survey.closed
        ? api.POST("/api/classes/{classId}/surveys/{surveyId}/open", path)
        : api.POST("/api/classes/{classId}/surveys/{surveyId}/close", path),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: surveysQuery(classId).queryKey }),
    onError: (error) => tell(error.message),
  });
  const most = Math.max(1, ...survey.options.map((option) => option.chosen.reduce((a, b) => a + b, 0)));
  return (
    <Card component="section" aria-label={survey.question} sx={{ p: 2, display: "grid", gap: 1.25 }}>
      <Box sx={{ display: "flex", gap: 1.5, alignItems: "center" }}>
        <Box component="h2" sx={{ fontSize: 16 }}>
          {survey.question}
        </Box>
        <Box role="status" sx={{ color: "var(--z-soft)", flex: 1 }}>
          {words.replies({ count: survey.replies.length, waiting: survey.waiting })}
          {survey.closed && ` · ${words.closed}`}
        </Box>
        <Button onClick={() => setFilling(true)}>{words.fillIn}</Button>
        <Button onClick={() => toggle.mutate()}>{survey.closed ? words.open : words.close}</Button>
      </Box>
      {survey.options.map((option) => (
        <Option key={option.id} option={option} most={most} />
      ))}
      <Replies survey={survey} />
      {filling && <FillInDialog classId={classId} survey={survey} onClose={() => setFilling(false)} />}
    </Card>
  );
}

const shades = ["var(--z-aubergine)", "var(--z-sea)", "var(--z-line)"];

function Option({ option, most }: { option: Schemas["OptionShown"]; most: number }) {
  return (
    <Box sx={{ display: "grid", gridTemplateColumns: "240px 1fr 190px", gap: 1.5, alignItems: "center" }}>
      <Box>{option.words}</Box>
      <Box sx={{ display: "flex", height: 14 }} aria-hidden="true">
        {option.chosen.map((count, rank) => (
          <Box key={shades[rank]} sx={{ width: `${(100 * count) / most}%`, bgcolor: shades[rank] }} />
        ))}
      </Box>
      <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.chosen(option.chosen)}</Box>
    </Box>
  );
}

function Replies({ survey }: { survey: Schemas["SurveyShown"] }) {
  const { classId } = useFocus();
  const students = useQuery(studentsQuery(classId)).data ?? [];
  const optionOf = (id: number) => survey.options.find((option) => option.id === id)?.words ?? "";
  return (
    <Box
      sx={{
        display: "grid",
        gridTemplateColumns: "repeat(auto-fill, minmax(280px, 1fr))",
        gap: 0.5,
        fontSize: 12.5,
      }}
    >
      {students.map((student) => {
        const reply = survey.replies.find((each) => each.studentId === student.id);
        return (
          <Box key={student.id}>
            <b>{student.givenName}</b>{" "}
            <Box component="span" sx={{ color: "var(--z-soft)" }}>
              {reply ? reply.ranked.map(optionOf).join(" › ") : words.noReply}
              {reply?.filledIn && ` (${words.filledIn})`}
            </Box>
          </Box>
        );
      })}
    </Box>
  );
}
