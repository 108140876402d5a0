import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api, type Schemas } from "../api/client";
import { studentsQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  student: Schemas["StudentShown"];
  mayChange: boolean;
}

/** The code a student signs in with, as far as the adult may hand it out. */
export function EntryCode({ student, mayChange }: Props) {
  const { classId } = useFocus();
  const tell = useNotice();
  const code = useQuery(studentsQuery(classId)).data?.find((each) => each.id === student.id)?.entryCode;
  const change = useMutation({
    mutationFn: (deed: "RENEW" | "REVOKE") =>
      api.POST("/api/classes/{classId}/entry-codes", {
        params: { path: { classId } },
        body: { deed, students: [student.id] },
      }),
    onSuccess: (_, deed) => {
      queryClient.invalidateQueries({ queryKey: ["class", classId] });
      tell(deed === "RENEW" ? words.newCodeDone : words.revoked);
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 0.75, fontSize: 12.5, color: "var(--z-soft)" }}>
      {code ? (
        <>
          {words.code}{" "}
          <Box component="b" sx={{ color: "var(--z-ink)", whiteSpace: "nowrap" }}>
            {code.slice(0, 4)}-{code.slice(4)}
          </Box>
        </>
      ) : (
        words.noCode
      )}
      {mayChange && (
        <>
          <Button
            variant="text"
            size="small"
            sx={{ minWidth: 0, whiteSpace: "nowrap" }}
            onClick={() => change.mutate("RENEW")}
          >
            {words.newCode}
          </Button>
          {code && (
            <Button
              variant="text"
              size="small"
              sx={{ minWidth: 0, whiteSpace: "nowrap" }}
              onClick={() => change.mutate("REVOKE")}
            >
              {words.revoke}
            </Button>
          )}
        </>
      )}
    </Box>
  );
}
