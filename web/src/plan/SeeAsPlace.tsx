import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams, useSearchParams } from "react-router";
import { cornerOf, workOf } from "../api/pageQueries";
import { type Seen, WhoseContext } from "../api/whose";
import { InsideCorner } from "../mycorner/MyCornerPlace";
import MoreOfMine from "../mywork/MoreOfMine";
import { MyPage } from "../mywork/MyPage";
import { dayAndTime } from "../shell/dates";
import { Problem } from "../shell/FormFoot";
import { useFocus } from "../shell/focus";
import { Waiting } from "../shell/Waiting";
import { PageAs } from "./PageAs";
import { words } from "./words";

/** A student's page as the student sees it, now or later, a task included that is a draft still. Reads only. */
export default function SeeAsPlace() {
  const { classId } = useFocus();
  const studentId = Number(useParams().studentId);
  const [search, setSearch] = useSearchParams();
  const seen = { classId, studentId, draft: Number(search.get("task")) || undefined };
  const at = search.get("at") ?? undefined;
  const corner = Number(search.get("corner")) || undefined;
  const set = (name: string, value: string | undefined) =>
    setSearch((before) => {
      const next = new URLSearchParams(before);
      if (value) {
        next.set(name, value);
      } else {
        next.delete(name);
      }
      return next;
    });
  return (
    <WhoseContext value={{ own: false, ...seen, at }}>
      <Look
        seen={{ ...seen, at }}
        corner={corner}
        onAt={(moment) => set("at", moment)}
        onBack={() => set("corner", undefined)}
      />
    </WhoseContext>
  );
}

interface LookProps {
  seen: Seen;
  corner: number | undefined;
  onAt: (moment: string | undefined) => void;
  onBack: () => void;
}

function Look({ seen, corner, onAt, onBack }: LookProps) {
  const [page, setPage] = useState<number | null>(null);
  const query = useQuery({ ...workOf({ own: false, ...seen }), staleTime: 0 });
  const work = query.data;
  if (query.error) {
    return <Problem error={query.error} />;
  }
  if (!work) {
    return <Waiting />;
  }
  return (
    <>
      <Box
        role="status"
        sx={{
          bgcolor: "var(--z-seaWash)",
          borderRadius: "8px",
          p: 1.25,
          my: 1,
          display: "flex",
          flexWrap: "wrap",
          alignItems: "center",
          gap: 2,
        }}
      >
        <Box sx={{ flex: 1, minWidth: "14em" }}>
          {words.seeAs.banner({
            name: work.givenName,
            at: seen.at ? dayAndTime(work.localNow) : words.seeAs.now,
          })}
        </Box>
        <TextField
          type="datetime-local"
          label={words.seeAs.at}
          value={seen.at?.slice(0, 16) ?? ""}
          onChange={(event) => onAt(event.target.value ? `${event.target.value}:00` : undefined)}
          slotProps={{ inputLabel: { shrink: true } }}
        />
        {seen.draft !== undefined && (
          <Button size="small" component={Link} to={`/classes/${seen.classId}/plan/${seen.draft}`}>
            {words.seeAs.back}
          </Button>
        )}
      </Box>
      {corner === undefined ? (
        <MyPage
          work={work}
          actions={(card) =>
            card.way !== "OFF_SCREEN" && (
              <Button sx={{ mt: 1 }} onClick={() => setPage(card.taskId)}>
                {words.seeAs.openPage}
              </Button>
            )
          }
          below={<MoreOfMine withDevice={false} />}
        />
      ) : (
        <CornerAs seen={seen} cornerId={corner} onBack={onBack} />
      )}
      {page !== null && <PageAs studentId={seen.studentId} taskId={page} />}
    </>
  );
}

function CornerAs({ seen, cornerId, onBack }: { seen: Seen; cornerId: number; onBack: () => void }) {
  const corner = useQuery(cornerOf({ own: false, ...seen }, cornerId));
  return (
    <Box className="reading" sx={{ maxWidth: 640, mx: "auto", p: 2 }}>
      <Button onClick={onBack} sx={{ mb: 1 }}>
        {words.seeAs.backToPage}
      </Button>
      <Problem error={corner.error} />
      <Box inert>{corner.data && <InsideCorner corner={corner.data} />}</Box>
    </Box>
  );
}
