import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useEffect } from "react";
import { Link, useParams } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { myMeetingQuery } from "../api/meetingQueries";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { Problem } from "../shell/FormFoot";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

/** Where a group meets: who is here, and a teacher to call. Being on the page is being there. */
export default function MyMeetingPlace() {
  const cornerId = Number(useParams().cornerId);
  const path = { params: { path: { cornerId } } };
  const meeting = useQuery(myMeetingQuery(cornerId));
  useEffect(
    () => () => {
      api
        .DELETE("/api/my/corners/{cornerId}/meeting", { params: { path: { cornerId } } })
        .catch(() => undefined);
    },
    [cornerId],
  );
  const call = useMutation({
    mutationFn: (calling: boolean) =>
      data<Schemas["MyMeeting"]>(
        api.PUT("/api/my/corners/{cornerId}/meeting/call", { ...path, body: { calling } }),
      ),
    onSuccess: (now) => queryClient.setQueryData(myMeetingQuery(cornerId).queryKey, now),
  });
  return (
    <Box component="main" className="reading" sx={{ maxWidth: 640, mx: "auto", p: 2 }}>
      <Button component={Link} to={`/my/corners/${cornerId}`} sx={{ mb: 1 }}>
        {words.back}
      </Button>
      {meeting.error && <p>{meeting.error.message}</p>}
      {!meeting.data && !meeting.error && <Waiting />}
      {meeting.data && (
        <Box sx={{ display: "grid", gap: 1.5 }}>
          <Box component="h1" sx={{ fontSize: "1.24em" }}>
            {words.atTable(meeting.data.name)}
          </Box>
          <Card component="section" aria-label={words.here} sx={{ p: 2 }}>
            <Box component="h2" sx={{ fontSize: "1em" }}>
              {words.here}
            </Box>
            <Box component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
              {meeting.data.present.map((each) => (
                <Box component="li" key={each.name + each.adult} sx={{ py: 0.5 }}>
                  {each.name}{" "}
                  <Box component="span" sx={{ color: "var(--z-soft)" }}>
                    {each.me ? words.me : each.adult ? words.teacher : ""}
                  </Box>
                </Box>
              ))}
            </Box>
          </Card>
          <Problem error={call.error} />
          <Box role="status">{meeting.data.calling && words.called}</Box>
          <Button
            variant={meeting.data.calling ? "outlined" : "contained"}
            onClick={() => call.mutate(!meeting.data.calling)}
            sx={{ justifySelf: "start" }}
          >
            {meeting.data.calling ? words.notNeeded : words.call}
          </Button>
        </Box>
      )}
    </Box>
  );
}
