import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { dayAndTime } from "../shell/dates";

/** A notice as words, with its link and files. */
export function NoticeText({ notice }: { notice: Schemas["MyNotice"] }) {
  return (
    <Box sx={{ py: 0.75 }}>
      <Box sx={{ whiteSpace: "pre-wrap", overflowWrap: "anywhere" }}>{notice.text}</Box>
      {notice.link && (
        <Box sx={{ overflowWrap: "anywhere" }}>
          <a href={notice.link} target="_blank" rel="noreferrer">
            {notice.link}
          </a>
        </Box>
      )}
      {notice.files.map((file) => (
        <Box key={file.id}>
          <a href={`/api/my/corner-files/${file.id}`}>{file.name}</a>
        </Box>
      ))}
      <Box sx={{ color: "var(--z-soft)", fontSize: "0.8em" }}>
        {notice.by} · {dayAndTime(notice.at)}
      </Box>
    </Box>
  );
}
