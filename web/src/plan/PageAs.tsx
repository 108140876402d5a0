import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data } from "../api/client";
import { QuestionField } from "../asked/QuestionField";
import { ReadingText } from "../asked/ReadingText";
import { useFocus } from "../shell/focus";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

/** The page that the student would be given; answers go nowhere. */
export function PageAs({ studentId, taskId }: { studentId: number; taskId: number }) {
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
        <Box sx={{ color: "var(--z-soft)" }}>{words.minutes({ minutes: page.clock.minutes })}</Box>
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
