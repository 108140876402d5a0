import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams } from "react-router";
import { api, type Schemas } from "../api/client";
import { fileBody } from "../api/cornerQueries";
import { cornerOf, myCornersQuery } from "../api/pageQueries";
import { queryClient } from "../api/queryClient";
import { EaseButton } from "../ease/EaseButton";
import { Card } from "../shell/Card";
import { FileButton } from "../shell/FileButton";
import { Problem } from "../shell/FormFoot";
import { Waiting } from "../shell/Waiting";
import { MyTalk } from "./MyTalk";
import { NoticeText } from "./NoticeText";
import { words } from "./words";

/** The place of the student's group. Looking at it is having read it. */
export default function MyCornerPlace() {
  const cornerId = Number(useParams().cornerId);
  const corner = useQuery({ ...cornerOf({ own: true }, cornerId), retry: false });
  const seen = corner.dataUpdatedAt;
  useEffect(() => {
    if (seen > 0) {
      api
        .POST("/api/my/corners/{cornerId}/read", { params: { path: { cornerId } } })
        .then(() => queryClient.invalidateQueries({ ...myCornersQuery, exact: true }))
        .catch(() => undefined);
    }
  }, [seen, cornerId]);
  return (
    <Box component="main" className="reading" sx={{ maxWidth: 640, mx: "auto", p: 2 }}>
      <Box sx={{ display: "flex", gap: 1, mb: 1 }}>
        <Button component={Link} to="/my">
          {words.back}
        </Button>
        <EaseButton />
      </Box>
      {corner.error ? (
        <p>{corner.error.message}</p>
      ) : corner.data ? (
        <InsideCorner corner={corner.data} />
      ) : (
        <Waiting />
      )}
    </Box>
  );
}

/** What stands in a corner. */
export function InsideCorner({ corner }: { corner: Schemas["MyCornerPage"] }) {
  const empty = corner.notices.length + corner.talks.length + corner.files.length === 0 && !corner.mayAdd;
  return (
    <Box sx={{ display: "grid", gap: 1.5 }}>
      <Box component="h1" sx={{ fontSize: "1.24em" }}>
        {words.corner(corner.name)}
      </Box>
      {corner.meetingAddress && (
        <Button
          component="a"
          href={corner.meetingAddress}
          target="_blank"
          rel="noreferrer"
          sx={{ justifySelf: "start" }}
        >
          {words.meet}
        </Button>
      )}
      {corner.meetsHere && (
        <Button component={Link} to={`/my/corners/${corner.id}/meeting`} sx={{ justifySelf: "start" }}>
          {words.meet}
        </Button>
      )}
      {empty && <Box sx={{ color: "var(--z-soft)" }}>{words.quiet}</Box>}
      {corner.notices.length > 0 && (
        <Card component="section" aria-label={words.notices} sx={{ p: 2 }}>
          <Box component="h2" sx={{ fontSize: "1em" }}>
            {words.notices}
          </Box>
          {corner.notices.map((notice) => (
            <NoticeText key={notice.id} notice={notice} />
          ))}
        </Card>
      )}
      {corner.talks.map((talk) => (
        <MyTalk key={talk.id} talk={talk} />
      ))}
      {(corner.files.length > 0 || corner.mayAdd) && <Files corner={corner} />}
    </Box>
  );
}

function Files({ corner }: { corner: Schemas["MyCornerPage"] }) {
  const add = useMutation({
    mutationFn: (file: File) =>
      api.POST("/api/my/corners/{cornerId}/files", {
        params: { path: { cornerId: corner.id } },
        ...fileBody(file),
      }),
    onSettled: () => queryClient.invalidateQueries({ queryKey: ["my", "corners", corner.id] }),
  });
  return (
    <Card component="section" aria-label={words.files} sx={{ p: 2 }}>
      <Box component="h2" sx={{ fontSize: "1em" }}>
        {words.files}
      </Box>
      {corner.files.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.noFiles}</Box>}
      {corner.files.map((file) => (
        <Box key={file.id} sx={{ py: 0.5, overflowWrap: "anywhere" }}>
          <a href={`/api/my/corner-files/${file.id}`}>{file.name}</a>{" "}
          <Box component="span" sx={{ color: "var(--z-soft)", fontSize: "0.8em" }}>
            {file.by}
          </Box>
        </Box>
      ))}
      <Problem error={add.error} />
      {corner.mayAdd && <FileButton label={words.add} onFile={(file) => add.mutate(file)} />}
    </Card>
  );
}
