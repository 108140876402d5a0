import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { dayAndTime } from "../shell/dates";
import { NoticeBody } from "../shell/NoticeBody";

/** A notice as words, with its link and files. */
export function NoticeText({ notice }: { notice: Schemas["MyNotice"] }) {
  return (
    <Box sx={{ py: 0.75 }}>
      <NoticeBody {...notice} addressOf={(id) => `/api/my/corner-files/${id}`} />
      <Box sx={{ color: "var(--z-soft)", fontSize: "0.8em" }}>
        {notice.by} · {dayAndTime(notice.at)}
      </Box>
    </Box>
  );
}
