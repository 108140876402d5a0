import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { dayAndTime } from "../shell/dates";
import { NoticeBody } from "../shell/NoticeBody";
import { NoticeDialog } from "./NoticeDialog";
import type { CornerDeeds } from "./useCornerDeeds";
import { words } from "./words";

interface Props {
  notice: Schemas["NoticeShown"];
  all: Schemas["CornerCard"][];
  deeds: CornerDeeds;
}

/** A notice with where else it stands; it is corrected and taken away everywhere at once. */
export function NoticeCard({ notice, all, deeds }: Props) {
  const [correcting, setCorrecting] = useState(false);
  const where = notice.everyone
    ? words.everyone
    : notice.corners.length > 1 && words.alsoIn({ count: notice.corners.length });
  return (
    <Box sx={{ py: 1, borderTop: "1px solid var(--z-line)", "&:first-of-type": { borderTop: 0 } }}>
      <NoticeBody {...notice} addressOf={(id) => `/api/corner-files/${id}`} />
      <Box sx={{ color: notice.waits ? "var(--z-saffron)" : "var(--z-soft)", fontSize: 12.5 }}>
        {[
          notice.by,
          notice.waits ? words.waits({ when: dayAndTime(notice.showFrom) }) : dayAndTime(notice.showFrom),
          where,
        ]
          .filter(Boolean)
          .join(" · ")}
      </Box>
      {notice.mayChange && (
        <Box sx={{ ml: -0.75 }}>
          <Button
            size="small"
            variant="text"
            aria-label={words.correctLabel(notice.text)}
            onClick={() => setCorrecting(true)}
          >
            {words.correct}
          </Button>
          <Button
            size="small"
            variant="text"
            aria-label={words.removeLabel(notice.text)}
            onClick={() => deeds.removeNotice.mutate({ id: notice.id, removed: true })}
          >
            {words.remove}
          </Button>
        </Box>
      )}
      {correcting && (
        <NoticeDialog
          corners={all}
          chosen={notice.corners}
          notice={notice}
          onClose={() => setCorrecting(false)}
        />
      )}
    </Box>
  );
}
