import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { api, data } from "../api/client";
import { seeAsQuery } from "../api/planQueries";
import { QuestionField } from "../asked/QuestionField";
import { ReadingText } from "../asked/ReadingText";
import { WorkList } from "../mywork/WorkList";
import { dayAndTime } from "../shell/dates";
import { Problem } from "../shell/FormFoot";
import { useFocus } from "../shell/focus";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

/** What a student sees, now or later, the task included if it is a draft still. Reads only. */
export default function SeeAsPlace() {
  const { classId } = useFocus();
  const studentId = Number(useParams().studentId);
  const [search] = useSearchParams();
  const taskId = Number(search.get("task")) || undefined;
  const at = search.get("at") ?? undefined;
  const [page, setPage] = useState<number | null>(null);
  const query = useQuery({ ...seeAsQuery(classId, studentId, at, taskId), staleTime: 0 });
  const work = query.data;
  if (query.error) {
    return <Problem error={query.error} />;
  }
  if (!work) {
    return <Waiting />;
  }
  return (
    <>
      <Box
        role="status"
        sx={{
          bgcolor: "var(--z-seaWash)",
          borderRadius: "8px",
          p: 1.25,
          my: 1,
          display: "flex",
          alignItems: "center",
          gap: 2,
        }}
      >
        <Box sx={{ flex: 1 }}>
          {words.seeAs.banner(work.givenName, at ? dayAndTime(work.localNow) : words.seeAs.now)}
        </Box>
        {taskId !== undefined && (
          <Button size="small" component={Link} to={`/classes/${classId}/plan/${taskId}`}>
            {words.seeAs.back}
          </Button>
        )}
      </Box>
      <Box sx={{ maxWidth: 640, mx: "auto", fontSize: 17 }}>
        <WorkList
          work={work}
          actions={(card) =>
            card.way !== "OFF_SCREEN" && (
              <Button sx={{ mt: 1 }} onClick={() => setPage(card.taskId)}>
                {words.seeAs.openPage}
              </Button>
            )
          }
        />
      </Box>
      {page !== null && <PageAs studentId={studentId} taskId={page} />}
    </>
  );
}

/** The page that the student would be given; answers go nowhere. */
function PageAs({ studentId, taskId }: { studentId: number; taskId: number }) {
  const { classId } = useFocus();
  const page = useQuery({
    queryKey: ["class", classId, "see-as", studentId, "page", taskId],
    queryFn: () =>
      data(
        api.GET("/api/classes/{classId}/see-as/{studentId}/tasks/{taskId}", {
          params: { path: { classId, studentId, taskId } },
        }),
      ),
  }).data;
  const [given, setGiven] = useState<ReadonlyMap<number, string>>(new Map());
  if (!page) {
    return <Waiting />;
  }
  return (
    <Box
      component="section"
      aria-label={page.title}
      sx={{ maxWidth: 760, mx: "auto", mt: 3, fontSize: page.atHand.largeText ? 22 : 17 }}
    >
      <Box component="h2" sx={{ fontSize: 21 }}>
        {page.title}
      </Box>
      {page.clock.minutes !== undefined && (
        <Box sx={{ color: "var(--z-soft)" }}>{words.minutes(page.clock.minutes)}</Box>
      )}
      {page.instructions && <Box sx={{ whiteSpace: "pre-wrap", my: 1 }}>{page.instructions}</Box>}
      {page.texts.length > 0 && <ReadingText texts={page.texts} others={page.inOtherLanguages} />}
      {page.questions.map((question, i) => (
        <Box key={question.id} sx={{ mt: 3 }}>
          <QuestionField
            sheet={question.sheet}
            number={i + 1}
            given={given.get(question.id)}
            onGive={(answer) => setGiven(new Map(given).set(question.id, answer))}
          />
        </Box>
      ))}
    </Box>
  );
}
