import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api, data, type Schemas } from "../../api/client";
import { correctedKeysQuery } from "../../api/progressQueries";
import { queryClient } from "../../api/queryClient";
import { Card } from "../../shell/Card";
import { useNotice } from "../../shell/Notice";
import { words } from "./words";

/** Says that a key was corrected after answers came in, what marking again would change, and does it. */
export function CorrectedKeys({ classId, taskId }: { classId: number; taskId: number }) {
  const found = useQuery({ ...correctedKeysQuery(classId, taskId), throwOnError: false }).data;
  const tell = useNotice();
  const params = { path: { taskId } };
  const refresh = () => queryClient.invalidateQueries();
  const undo = useMutation({
    mutationFn: (ids: number[]) =>
      api.POST("/api/tasks/{taskId}/corrected-keys/undone", { params, body: { ids } }),
    onSuccess: refresh,
    onError: (error) => tell(error.message),
  });
  const again = useMutation({
    mutationFn: (questions: number[]) =>
      data<Schemas["MarkedAgain"]>(
        api.POST("/api/tasks/{taskId}/corrected-keys", { params, body: { questions } }),
      ),
    onSuccess: ({ ids }) => {
      refresh();
      tell(words.markedAgain, () => undo.mutate(ids));
    },
    onError: (error) => tell(error.message),
  });
  if (!found || found.questions.length === 0) {
    return null;
  }
  const open = found.questions.filter((each) => each.comparable).map((each) => each.questionId);
  return (
    <Card component="section" aria-label={words.corrected} sx={{ p: 2, mb: 1.5, display: "grid", gap: 1 }}>
      <Box component="h2" sx={{ fontSize: 16 }}>
        {words.corrected}
      </Box>
      <Box component="ul" sx={{ pl: 2.5, m: 0 }}>
        {found.questions.map((each) => (
          <li key={each.questionId}>
            <b>{each.prompt}</b> {words.wouldChange(each)}
          </li>
        ))}
      </Box>
      {open.length > 0 && (
        <Box>
          <Button variant="contained" disabled={again.isPending} onClick={() => again.mutate(open)}>
            {words.markAgain}
          </Button>
        </Box>
      )}
    </Card>
  );
}
