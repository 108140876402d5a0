import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api } from "../api/client";
import { Card } from "../shell/Card";
import { dayAndTime } from "../shell/dates";
import { useNotice } from "../shell/Notice";
import { invitationsQuery, sharingChanged } from "./sharingQueries";
import { words } from "./words";

/** Those who are asked and have not answered yet. */
export function Invited({ classId }: { classId: number }) {
  const tell = useNotice();
  const open = (useQuery(invitationsQuery(classId)).data ?? []).filter((each) => each.state === "OPEN");
  const takeBack = useMutation({
    mutationFn: (invitationId: number) =>
      api.DELETE("/api/classes/{classId}/invitations/{invitationId}", {
        params: { path: { classId, invitationId } },
      }),
    onSuccess: () => sharingChanged(classId),
    onError: (error) => tell(error.message),
  });
  if (open.length === 0) {
    return null;
  }
  return (
    <Card component="section" aria-label={words.asked} sx={{ p: 2, mt: 2 }}>
      <Box component="h2" sx={{ fontSize: 15 }}>
        {words.asked}
      </Box>
      {open.map((each) => (
        <Box key={each.id} sx={{ display: "flex", gap: 2, alignItems: "center", pt: 0.75 }}>
          <Box sx={{ flex: 1 }}>{words.until(each.email, each.role, dayAndTime(each.expiresAt))}</Box>
          <Button variant="text" onClick={() => takeBack.mutate(each.id)}>
            {words.takeBack}
          </Button>
        </Box>
      ))}
    </Card>
  );
}
