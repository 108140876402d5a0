import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { inWords } from "../asked/answers";
import { Html } from "../asked/Html";
import { QuestionField } from "../asked/QuestionField";
import { outbox } from "../outbox/mine";
import { useNotice } from "../shell/Notice";
import { Elsewhere } from "./Elsewhere";
import type { Answers } from "./useAnswers";
import { words } from "./words";

interface Props {
  page: Schemas["TryPage"];
  question: Schemas["QuestionPage"];
  number: number;
  answers: Answers;
}

/** One question of a try; where the teacher lets students check while they work, with its answer checked at once. */
export function AskedQuestion({ page, question, number, answers }: Props) {
  const tell = useNotice();
  const check = useMutation({
    mutationFn: async () => {
      if (!(await outbox.settled(page.id))) {
        throw new Error(words.checkWaits);
      }
      const path = { tryId: page.id, questionId: question.id };
      return data<Schemas["AnswerChecked"]>(
        api.POST("/api/my/tries/{tryId}/answers/{questionId}/check", { params: { path } }),
      );
    },
    onError: (error) => tell(error.message),
  });
  const given = answers.given(question.id);
  const elsewhere = answers.elsewhere(question.id);
  return (
    <Box id={`question-${number}`} sx={{ mb: 4, scrollMarginTop: 80 }}>
      <QuestionField
        sheet={question.sheet}
        number={number}
        given={given}
        onGive={(text, typing) => {
          check.reset();
          answers.give(question.id, text, typing);
        }}
      />
      {elsewhere && <Elsewhere entry={elsewhere} here={inWords(question.sheet, elsewhere.text ?? "")} />}
      {page.mayCheck && (
        <Box sx={{ mt: 1.5, display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1.5 }}>
          <Button disabled={!given || check.isPending} onClick={() => check.mutate()} sx={{ minHeight: 44 }}>
            {words.check}
          </Button>
          <Box role="status" sx={{ flex: "1 1 14em" }}>
            {check.data && <b>{verdict(check.data)}</b>}
            {check.data?.feedback && <Html html={check.data.feedback} />}
          </Box>
        </Box>
      )}
    </Box>
  );
}

function verdict({ right }: Schemas["AnswerChecked"]): string {
  if (right === undefined) {
    return words.person;
  }
  return right ? `✓ ${words.right}` : words.notYetRight;
}
