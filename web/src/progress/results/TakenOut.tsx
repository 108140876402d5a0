import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../../api/client";
import { queryClient } from "../../api/queryClient";
import { useNotice } from "../../shell/Notice";
import { words } from "./words";

type How = NonNullable<Schemas["QuestionResult"]["takenOut"]>;
const ways: How[] = ["FULL_POINTS", "NOT_COUNTED"];

/** Takes a question out of the results of a task for everyone, or says that it is out and counts it again. */
export function TakenOut({ taskId, question }: { taskId: number; question: Schemas["QuestionResult"] }) {
  const [button, setButton] = useState<HTMLElement | null>(null);
  const tell = useNotice();
  const params = { path: { taskId, questionId: question.sheet.id } };
  const done = {
    onSettled: () => queryClient.invalidateQueries(),
    onError: (error: Error) => tell(error.message),
  };
  const back = useMutation({
    mutationFn: () => data(api.DELETE("/api/tasks/{taskId}/questions/{questionId}/taken-out", { params })),
    ...done,
  });
  const out = useMutation({
    mutationFn: (how: How) =>
      data(api.PUT("/api/tasks/{taskId}/questions/{questionId}/taken-out", { params, body: { how } })),
    onSuccess: (_, how) => tell(words.takenOut[how], () => back.mutate()),
    ...done,
  });
  if (question.takenOut) {
    return (
      <Box className="no-print">
        <Button size="small" variant="text" disabled={back.isPending} onClick={() => back.mutate()}>
          {words.countAgain}
        </Button>
      </Box>
    );
  }
  return (
    <>
      <Button
        className="no-print"
        size="small"
        variant="text"
        aria-haspopup="menu"
        disabled={out.isPending}
        onClick={(event) => setButton(event.currentTarget)}
      >
        {words.takeOut}
      </Button>
      <Menu anchorEl={button} open={button !== null} onClose={() => setButton(null)}>
        {ways.map((how) => (
          <MenuItem
            key={how}
            onClick={() => {
              setButton(null);
              out.mutate(how);
            }}
          >
            {words.takeOutHow[how]}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
