import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { studentScoresQuery } from "../api/queries";
import { day } from "../shell/dates";
import { scoreText } from "../shell/score";
import { ScoreChart } from "./ScoreChart";
import { words } from "./words";

/** A student's scores over time, a small chart for each measure. */
export function ScoresPart({ studentId }: { studentId: number }) {
  const history = useQuery(studentScoresQuery(studentId)).data;
  if (!history) {
    return null;
  }
  return (
    <Box component="section" aria-label={words.scores} sx={{ display: "grid", gap: 1.25 }}>
      {history.measures.length === 0 && words.noScores}
      {history.measures.map((each) => (
        <Measure key={each.measure.id} history={each} />
      ))}
    </Box>
  );
}

function Measure({ history }: { history: Schemas["MeasureHistory"] }) {
  const { measure, now, cuts } = history;
  const cut = now?.band ? cuts[now.band - 1] : undefined;
  return (
    <Box>
      <Box component="h3" sx={{ fontSize: 14 }}>
        {measure.name}
      </Box>
      <ScoreChart history={history} />
      {now && (
        <Box sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>
          <Box component="b" sx={{ color: "var(--z-ink)" }}>
            {scoreText(now.value, measure)}
          </Box>{" "}
          {words.takenOn({ day: day(now.takenOn) })}
          {now.bandName &&
            ` · ${cut ? words.cut({ band: now.bandName, score: scoreText(cut.score, measure) }) : now.bandName}`}
        </Box>
      )}
    </Box>
  );
}
