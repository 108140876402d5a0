import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { ClashDialog, EffectsDialog } from "../arrange/EffectsDialog";
import { useBenchStep } from "../arrange/useBenchStep";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { TodayPart, TodayRow } from "./TodayRow";
import { words } from "./words";

/** One by one or all; where a move touches open work, that is shown first. */
export function Moves({ news }: { news: Schemas["ForArrangement"] }) {
  const { classId } = useFocus();
  const step = useBenchStep(news.id);
  const tell = useNotice();
  const undo = () => step.take({ kind: "UNDO" });
  return (
    <TodayPart title={words.moves({ arrangement: news.name })}>
      {news.moves.map((move) => (
        <TodayRow
          key={move.studentId}
          what={
            <>
              {move.givenName}{" "}
              <Box component="span" sx={{ fontWeight: 400 }}>
                {words.move(move)}
              </Box>{" "}
              <Box
                component="span"
                sx={{
                  fontWeight: 400,
                  fontSize: 12.5,
                  border: "1px solid var(--z-line)",
                  borderRadius: "6px",
                  px: 0.6,
                }}
              >
                {words.moveKind(move)}
              </Box>
            </>
          }
          about={words.values(move, news.measure)}
        >
          <Button
            size="small"
            aria-label={words.doMove(move)}
            onClick={() =>
              step.take({ kind: "PLACE", students: [move.studentId], groupId: move.toGroupId }, () =>
                tell(words.moved(move), undo),
              )
            }
          >
            {words.doMoveShort}
          </Button>
        </TodayRow>
      ))}
      <Box data-today-row sx={{ display: "flex", gap: 1, justifyContent: "flex-end", px: 1.75, py: 1 }}>
        {news.moves.length > 1 && (
          <Button
            size="small"
            onClick={() =>
              step.take({ kind: "TAKE_ADVICE" }, () =>
                tell(words.allMoved({ count: news.moves.length }), undo),
              )
            }
          >
            {words.doAll({ count: news.moves.length })}
          </Button>
        )}
        <Button size="small" variant="text" component={Link} to={`/classes/${classId}/arrange/${news.id}`}>
          {words.lookAtBench}
        </Button>
        <EffectsDialog step={step} />
        <ClashDialog step={step} />
      </Box>
    </TodayPart>
  );
}
