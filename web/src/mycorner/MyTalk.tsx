import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { dayAndTime } from "../shell/dates";
import { Problem } from "../shell/FormFoot";
import { words } from "./words";

/** A talk of the student's group. What is typed stays until it is kept. */
export function MyTalk({ talk }: { talk: Schemas["MyTalk"] }) {
  const [text, setText] = useState("");
  const again = () => queryClient.invalidateQueries({ queryKey: ["my", "corners"] });
  const say = useMutation({
    mutationFn: () =>
      api.POST("/api/my/talks/{talkId}/posts", { params: { path: { talkId: talk.id } }, body: { text } }),
    onSuccess: () => setText(""),
    onSettled: again,
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    say.mutate();
  };
  return (
    <Card component="section" aria-label={talk.title} sx={{ p: 2 }}>
      <Box component="h3" sx={{ fontSize: "1em" }}>
        {talk.title}
      </Box>
      {talk.readsAfterPosting && <Box sx={{ color: "var(--z-soft)" }}>{words.afterPosting}</Box>}
      {talk.posts.map((post) => (
        <Post key={post.id} post={post} onReported={again} />
      ))}
      {talk.closed ? (
        <Box sx={{ color: "var(--z-soft)", mt: 1 }}>{words.closed}</Box>
      ) : (
        <Box
          component="form"
          onSubmit={submit}
          sx={{ display: "grid", gap: 1, mt: 1, justifyItems: "start" }}
        >
          <TextField
            multiline
            fullWidth
            placeholder={words.write}
            value={text}
            onChange={(event) => setText(event.target.value)}
            slotProps={{ htmlInput: { "aria-label": words.writeIn({ title: talk.title }), maxLength: 4000 } }}
          />
          <Problem error={say.error} />
          <Button type="submit" variant="contained" disabled={text.trim() === "" || say.isPending}>
            {words.post}
          </Button>
        </Box>
      )}
    </Card>
  );
}

function Post({ post, onReported }: { post: Schemas["MyPost"]; onReported: () => void }) {
  const report = useMutation({
    mutationFn: () => api.POST("/api/my/posts/{postId}/reported", { params: { path: { postId: post.id } } }),
    onSettled: onReported,
  });
  return (
    <Box sx={{ py: 0.75 }}>
      <b>{post.mine ? words.me : post.by}</b>{" "}
      <Box component="span" sx={{ color: "var(--z-soft)", fontSize: "0.8em" }}>
        {[dayAndTime(post.at), post.toMeAlone && words.toYou].filter(Boolean).join(" · ")}
      </Box>
      <Box sx={{ whiteSpace: "pre-wrap", overflowWrap: "anywhere" }}>{post.text}</Box>
      {!post.mine &&
        !post.ofTeacher &&
        (post.reported ? (
          <Box role="status" sx={{ color: "var(--z-soft)", fontSize: "0.8em" }}>
            {words.reported}
          </Box>
        ) : (
          <Button
            variant="text"
            size="small"
            aria-label={words.reportOf({ who: post.by })}
            onClick={() => report.mutate()}
            sx={{ ml: -0.75 }}
          >
            {words.report}
          </Button>
        ))}
    </Box>
  );
}
