import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../../api/client";
import { inWords } from "../../asked/answers";
import { useNotice } from "../../shell/Notice";
import { tryWords as words } from "./tryWords";

type Shown = Schemas["TryForTeacher"];
type Late = Schemas["LateShown"];

interface Props {
  shown: Shown;
  onShown: (now: Shown) => void;
}

/** What came when nothing could be kept any more, as it was given; a decision can be taken back. */
export function LateAnswers({ shown, onShown }: Props) {
  const tell = useNotice();
  const decide = useMutation({
    mutationFn: ({ late, decision }: { late: Late; decision?: Late["decision"] }) =>
      data<Shown>(
        api.POST("/api/late-answers/{lateId}/decision", {
          params: { path: { lateId: late.id } },
          body: { decision },
        }),
      ),
    onSuccess: (now, { late, decision }) => {
      onShown(now);
      if (decision) {
        tell(decision === "ACCEPTED" ? words.accepted : words.declined, () =>
          decide.mutate({ late, decision: undefined }),
        );
      }
    },
    onError: (error) => tell(error.message),
  });
  if (shown.late.length === 0) {
    return null;
  }
  return (
    <Box
      component="section"
      aria-label={words.late}
      sx={{ p: 2, borderRadius: "12px", bgcolor: "var(--z-saffronWash)" }}
    >
      <Box component="h3">{words.late}</Box>
      <Box sx={{ mb: 1 }}>{words.lateAbout}</Box>
      {shown.late.map((late) => (
        <Box key={late.id} sx={{ display: "flex", gap: 1.5, alignItems: "center", py: 0.75 }}>
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <Box sx={{ fontWeight: 700, overflowWrap: "anywhere" }}>{answerOf(shown, late)}</Box>
            <Box sx={{ fontSize: 12.5 }}>
              {words.lateLine(late)} · {words.reasons[late.reason]}
            </Box>
          </Box>
          {late.decision ? (
            <>
              {words.decided(late)}
              {shown.mayChange && (
                <Button onClick={() => decide.mutate({ late, decision: undefined })}>
                  {words.decideAnew}
                </Button>
              )}
            </>
          ) : (
            shown.mayChange && (
              <>
                <Button onClick={() => decide.mutate({ late, decision: "ACCEPTED" })}>{words.accept}</Button>
                <Button onClick={() => decide.mutate({ late, decision: "DECLINED" })}>{words.decline}</Button>
              </>
            )
          )}
        </Box>
      ))}
    </Box>
  );
}

function answerOf(shown: Shown, late: Late): string {
  const answered = shown.answers.find((each) => each.questionId === late.questionId);
  return answered ? inWords(answered.sheet, late.given) : late.given.replace(/<[^>]*>/g, " ");
}
