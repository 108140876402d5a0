import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useRef, useState } from "react";
import { Link, useParams } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { Html } from "../asked/Html";
import { ItemPageView } from "../asked/ItemPageView";
import { QuestionField } from "../asked/QuestionField";
import { EaseButton } from "../ease/EaseButton";
import { Card } from "../shell/Card";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { ReadToMe } from "../try/ReadToMe";
import { shelfWords as words } from "./shelfWords";

/** Something of the shelf, opened. Practice can be checked as often as one likes; nothing of it is kept. */
export default function BookPlace() {
  const itemId = Number(useParams().itemId);
  const part = useRef<HTMLDivElement>(null);
  const book = useQuery({
    queryKey: ["my", "book", itemId],
    queryFn: async () => {
      const opened = await data<Schemas["OpenBook"]>(
        api.POST("/api/my/shelf/{itemId}/opened", { params: { path: { itemId } } }),
      );
      queryClient.invalidateQueries({ queryKey: ["my", "shelf"] });
      return opened;
    },
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  if (book.error) {
    return (
      <Box component="main" className="reading" sx={{ maxWidth: 640, mx: "auto", p: 3 }}>
        <p>{book.error.message}</p>
        <Back />
      </Box>
    );
  }
  if (!book.data) {
    return <Waiting />;
  }
  const { item, questions } = book.data;
  return (
    <Box component="main" className="reading" sx={{ maxWidth: 680, mx: "auto", p: { xs: 2, sm: 3 } }}>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        <Back />
        <EaseButton />
        <ReadToMe part={part} language={item.language} />
      </Box>
      <Box ref={part}>
        <Box component="h1" sx={{ fontSize: "1.4em", my: 2 }}>
          {item.title}
        </Box>
        <ItemPageView page={item} />
      </Box>
      {questions.length > 0 && <Practice itemId={itemId} questions={questions} />}
    </Box>
  );
}

function Back() {
  return (
    <Button component={Link} to="/my">
      {words.back}
    </Button>
  );
}

interface PracticeProps {
  itemId: number;
  questions: Schemas["QuestionSheet"][];
}

function Practice({ itemId, questions }: PracticeProps) {
  const [given, setGiven] = useState<ReadonlyMap<number, string>>(new Map());
  const tell = useNotice();
  const check = useMutation({
    mutationFn: () =>
      data<Schemas["Checked"]>(
        api.POST("/api/my/shelf/{itemId}/checked", {
          params: { path: { itemId } },
          body: { answers: Object.fromEntries(given) },
        }),
      ),
    onError: (error) => tell(error.message),
  });
  const checked = new Map(check.data?.answers.map((answer) => [answer.questionId, answer]));
  return (
    <Box sx={{ mt: 3, display: "grid", gap: 3 }}>
      {questions.map((sheet, i) => {
        const answer = checked.get(sheet.id);
        return (
          <Card key={sheet.id} sx={{ p: 2.5 }}>
            <QuestionField
              sheet={sheet}
              number={i + 1}
              given={given.get(sheet.id)}
              onGive={(text) => {
                check.reset();
                setGiven(new Map(given).set(sheet.id, text));
              }}
            />
            {answer && (
              <Box role="status" sx={{ mt: 1.5, fontWeight: 700 }}>
                {answer.right === undefined ? words.person : answer.right ? `✓ ${words.right}` : words.notYet}
                {answer.feedback && <Html html={answer.feedback} sx={{ fontWeight: 400 }} />}
              </Box>
            )}
          </Card>
        );
      })}
      <Button
        variant="contained"
        size="large"
        disabled={given.size === 0 || check.isPending}
        onClick={() => check.mutate()}
        sx={{ justifySelf: "start" }}
      >
        {words.check}
      </Button>
    </Box>
  );
}
