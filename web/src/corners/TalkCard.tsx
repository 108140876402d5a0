import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { type FormEvent, useState } from "react";
import type { Schemas } from "../api/client";
import { dayAndTime } from "../shell/dates";
import type { CornerDeeds } from "./useCornerDeeds";
import { words } from "./words";

interface Props {
  talk: Schemas["TalkShown"];
  mayChange: boolean;
  deeds: CornerDeeds;
}

/** A talk with all that was said; an adult answers, to all or to one alone, and looks after it in place. */
export function TalkCard({ talk, mayChange, deeds }: Props) {
  const { id, title, postFirst, closed, version } = talk;
  return (
    <Box sx={{ borderTop: "1px solid var(--z-line)", py: 1 }}>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
        <Box component="h4" sx={{ fontSize: 14, flex: 1 }}>
          {title}{" "}
          <Box component="span" sx={{ color: "var(--z-soft)", fontWeight: 400, fontSize: 12.5 }}>
            {[postFirst && words.saysFirst, closed && words.closed].filter(Boolean).join(" · ")}
          </Box>
        </Box>
        {mayChange && (
          <Button
            size="small"
            variant="text"
            onClick={() => deeds.changeTalk.mutate({ id, title, postFirst, closed: !closed, version })}
          >
            {closed ? words.reopen : words.close}
          </Button>
        )}
      </Box>
      {talk.posts.map((post) => (
        <Post key={post.id} post={post} mayChange={mayChange} deeds={deeds} />
      ))}
      {mayChange && <Answer talk={talk} deeds={deeds} />}
    </Box>
  );
}

interface PostProps {
  post: Schemas["PostShown"];
  mayChange: boolean;
  deeds: CornerDeeds;
}

function Post({ post, mayChange, deeds }: PostProps) {
  const about = [
    dayAndTime(post.at),
    post.onlyFor && words.onlyTo({ name: post.onlyFor }),
    post.hidden && words.hidden,
  ].filter(Boolean);
  return (
    <Box sx={{ display: "flex", gap: 1, py: 0.5, opacity: post.hidden ? 0.75 : 1 }}>
      <Box sx={{ flex: 1, minWidth: 0 }}>
        <b>{post.by}</b>{" "}
        <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
          {about.join(" · ")}
        </Box>
        {post.reported && (
          <Box component="span" sx={{ color: "var(--z-clayText)", fontSize: 12.5, fontWeight: 700 }}>
            {" "}
            {words.reportedPost}
          </Box>
        )}
        <Box sx={{ whiteSpace: "pre-wrap", overflowWrap: "anywhere" }}>{post.text}</Box>
      </Box>
      {mayChange && (
        <Box sx={{ flex: "none" }}>
          {(post.reported || post.hidden) && (
            <Button
              size="small"
              variant="text"
              onClick={() => deeds.hide.mutate({ postId: post.id, hidden: false })}
            >
              {words.show}
            </Button>
          )}
          {!post.hidden && post.studentId !== undefined && (
            <Button
              size="small"
              variant="text"
              aria-label={words.hidePost({ who: post.by })}
              onClick={() => deeds.hide.mutate({ postId: post.id, hidden: true })}
            >
              {words.hide}
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}

/** What is typed stays until it is kept. */
function Answer({ talk, deeds }: { talk: Schemas["TalkShown"]; deeds: CornerDeeds }) {
  const [text, setText] = useState("");
  const [onlyFor, setOnlyFor] = useState(0);
  const spoke = new Map(
    talk.posts.flatMap((post) => (post.studentId === undefined ? [] : [[post.studentId, post.by] as const])),
  );
  const submit = (event: FormEvent) => {
    event.preventDefault();
    deeds.post.mutate(
      { talkId: talk.id, text, onlyFor: onlyFor || undefined },
      { onSuccess: () => setText("") },
    );
  };
  return (
    <Box
      component="form"
      onSubmit={submit}
      sx={{ display: "flex", gap: 1, alignItems: "flex-start", mt: 0.5 }}
    >
      <TextField
        size="small"
        multiline
        fullWidth
        placeholder={words.write}
        value={text}
        onChange={(event) => setText(event.target.value)}
        slotProps={{ htmlInput: { "aria-label": `${words.write}: ${talk.title}`, maxLength: 4000 } }}
      />
      {spoke.size > 0 && (
        <TextField
          select
          size="small"
          value={onlyFor}
          onChange={(event) => setOnlyFor(Number(event.target.value))}
          slotProps={{ htmlInput: { "aria-label": words.toWhom } }}
          sx={{ minWidth: 110, flex: "none" }}
        >
          <MenuItem value={0}>{words.toAll}</MenuItem>
          {[...spoke].map(([id, name]) => (
            <MenuItem key={id} value={id}>
              {words.onlyTo({ name })}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Button type="submit" disabled={text.trim() === "" || deeds.post.isPending} sx={{ flex: "none" }}>
        {words.post}
      </Button>
    </Box>
  );
}
