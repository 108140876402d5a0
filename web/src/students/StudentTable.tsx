import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Tooltip from "@mui/material/Tooltip";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { day, timeInZone } from "../shell/dates";
import { useFocus } from "../shell/focus";
import { GroupMenu } from "./GroupMenu";
import { Sparkline } from "./Sparkline";
import { needsShown, words } from "./words";

interface Props {
  students: Schemas["StudentRow"][];
  scores: Schemas["Scores"];
  open: number | null;
  onOpen: (id: number) => void;
}

const tableStyle = {
  borderCollapse: "collapse",
  width: "100%",
  "& th": {
    bgcolor: "var(--z-sunk)",
    fontSize: 12.5,
    textAlign: "left",
    px: 1.5,
    py: 1,
    position: "sticky",
    top: 0,
  },
  "& td": { px: 1.5, height: 29, whiteSpace: "nowrap" },
  "& tbody tr": { borderTop: "1px solid var(--z-line)" },
  "& .number": { textAlign: "right" },
} as const;

export function StudentTable({ students, scores, open, onOpen }: Props) {
  const { arrangements } = useFocus();
  const zone = useQuery(classesQuery).data?.zone ?? "UTC";
  const byStudent = new Map(scores.students.map((each) => [each.studentId, each.scores]));
  const measures = scores.measures.filter((measure) =>
    scores.students.some((each) => each.scores.some((score) => score.measureId === measure.id)),
  );
  const span = widestSpan(scores, measures[0]?.id);
  return (
    <Box component="table" sx={tableStyle}>
      <thead>
        <tr>
          <th>{words.name}</th>
          {measures.map((measure, i) => (
            <ScoreHead key={measure.id} name={measure.name} withLine={i === 0} />
          ))}
          <th>{words.needs}</th>
          {arrangements.map((each) => (
            <th key={each.id}>{each.name}</th>
          ))}
          <th>{words.lastHere}</th>
        </tr>
      </thead>
      <tbody>
        {students.map((student) => (
          <Box
            component="tr"
            key={student.id}
            sx={{ bgcolor: student.id === open ? "var(--z-ownWash)" : undefined }}
          >
            <td>
              <ButtonBase onClick={() => onOpen(student.id)} sx={{ font: "inherit" }}>
                <b>{student.givenName}</b>&nbsp;
                <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
                  {student.familyName}
                </Box>
              </ButtonBase>
            </td>
            {measures.map((measure, i) => {
              const score = byStudent.get(student.id)?.find((each) => each.measureId === measure.id);
              return <ScoreCells key={measure.id} score={score} span={i === 0 ? span : undefined} />;
            })}
            <td>
              {needsShown(student.needs).map((need) => (
                <NeedMark key={need}>{need}</NeedMark>
              ))}
            </td>
            {arrangements.map((each) => (
              <td key={each.id}>
                <GroupMenu student={student} arrangement={each} />
              </td>
            ))}
            <Box component="td" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
              {student.lastHere
                ? `${day(student.lastHere)} ${timeInZone(student.lastHere, zone)}`
                : words.never}
            </Box>
          </Box>
        ))}
      </tbody>
    </Box>
  );
}

function ScoreHead({ name, withLine }: { name: string; withLine: boolean }) {
  return (
    <>
      <Box component="th" sx={{ "&&": { textAlign: "right" } }}>
        {name}
      </Box>
      {withLine && <th>{words.since}</th>}
    </>
  );
}

/** How far the values of the student who changed most lie apart. */
function widestSpan(scores: Schemas["Scores"], measureId: number | undefined): number {
  const histories = scores.students.flatMap((each) =>
    each.scores.filter((score) => score.measureId === measureId).map((score) => score.history),
  );
  return Math.max(1, ...histories.map((values) => Math.max(...values) - Math.min(...values)));
}

/** @param span with a line over time beside the value */
function ScoreCells({ score, span }: { score: Schemas["Score"] | undefined; span?: number }) {
  return (
    <>
      <td className="number">{score ? <ScoreText score={score} /> : <Soft>{words.notAssessed}</Soft>}</td>
      {span !== undefined && <td>{score && <Sparkline values={score.history} span={span} />}</td>}
    </>
  );
}

function ScoreText({ score }: { score: Schemas["Score"] }) {
  return (
    <>
      {score.stale && (
        <Tooltip title={words.staleHelp(score.takenOn)}>
          <span>
            <Soft>{words.stale} </Soft>
          </span>
        </Tooltip>
      )}
      {score.value} {score.band && <Soft>{score.band}</Soft>}
    </>
  );
}

function Soft({ children }: { children: React.ReactNode }) {
  return (
    <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
      {children}
    </Box>
  );
}

export function NeedMark({ children }: { children: string }) {
  return (
    <Box
      component="span"
      sx={{
        border: "1px solid var(--z-line)",
        borderRadius: "8px",
        px: 0.75,
        mr: 0.5,
        fontSize: 12,
        color: "var(--z-soft)",
      }}
    >
      {children}
    </Box>
  );
}
