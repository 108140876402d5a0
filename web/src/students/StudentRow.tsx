import Box from "@mui/material/Box";
import ButtonBase from "@mui/material/ButtonBase";
import Tooltip from "@mui/material/Tooltip";
import type { Schemas } from "../api/client";
import type { Selection } from "../arrange/useSelection";
import { useFocus } from "../shell/focus";
import { scoreText } from "../shell/score";
import { needMark } from "../student/needMark";
import { GroupMenu } from "./GroupMenu";
import { Sparkline } from "./Sparkline";
import { lastHere, words } from "./words";

interface Props {
  place: number;
  student: Schemas["StudentShown"];
  measures: Schemas["MeasureCard"][];
  arrangements: Schemas["ArrangementShown"][];
  span: number;
  open: boolean;
  onOpen: (id: number) => void;
  selection: Selection;
  mayPlace: boolean;
  now: string;
  zone: string;
}

export function StudentRow(props: Props) {
  const { student, measures, arrangements, span, open, onOpen, selection, now, zone } = props;
  const { projector } = useFocus();
  const selected = selection.has(student.id);
  return (
    <Box
      component="tr"
      aria-rowindex={props.place + 2}
      aria-selected={selected}
      onClick={(event: React.MouseEvent) => {
        if (event.shiftKey || event.ctrlKey || event.metaKey) {
          selection.click(student.id, { ...keysOf(event), ctrlKey: !event.shiftKey });
        }
      }}
      sx={{
        bgcolor: selected || open ? "var(--z-ownWash)" : undefined,
        userSelect: selected ? "none" : undefined,
      }}
    >
      <td>
        <input
          type="checkbox"
          aria-label={words.select({ name: student.givenName })}
          checked={selected}
          onChange={() => undefined}
          onClick={(event) => {
            event.stopPropagation();
            selection.click(student.id, { ...keysOf(event), ctrlKey: !event.shiftKey });
          }}
        />
      </td>
      <td>
        <ButtonBase onClick={() => onOpen(student.id)} sx={{ font: "inherit" }}>
          <b>{student.givenName}</b>&nbsp;<Soft>{student.familyName}</Soft>
        </ButtonBase>
      </td>
      {measures.map((measure, i) => (
        <ScoreCells
          key={measure.id}
          measure={measure}
          score={student.scores.find((each) => each.measureId === measure.id)}
          span={i === 0 ? span : undefined}
        />
      ))}
      {student.needs && !projector && (
        <td>
          {student.needs.map((mark) => (
            <NeedMark key={mark.support + mark.detail + mark.amount} mark={mark} />
          ))}
        </td>
      )}
      {arrangements.map((each) => (
        <td key={each.id}>
          <GroupMenu student={student} arrangement={each} mayPlace={props.mayPlace} />
        </td>
      ))}
      <td>
        <Soft>{lastHere(student.lastHere, now, zone)}</Soft>
      </td>
    </Box>
  );
}

function keysOf(event: React.MouseEvent) {
  return { shiftKey: event.shiftKey, ctrlKey: event.ctrlKey, metaKey: event.metaKey };
}

interface ScoreProps {
  measure: Schemas["MeasureCard"];
  score: Schemas["Score"] | undefined;
  /** With a line over time beside the value. */
  span?: number;
}

function ScoreCells({ measure, score, span }: ScoreProps) {
  return (
    <>
      <td className="number">
        {score ? <ScoreText score={score} measure={measure} /> : <Soft>{words.notAssessed}</Soft>}
      </td>
      {span !== undefined && <td>{score && <Sparkline values={score.history} span={span} />}</td>}
    </>
  );
}

function ScoreText({ score, measure }: { score: Schemas["Score"]; measure: Schemas["MeasureCard"] }) {
  return (
    <>
      {score.stale && (
        <Tooltip title={words.staleHelp({ takenOn: score.takenOn })}>
          <span>
            <Soft>{words.stale} </Soft>
          </span>
        </Tooltip>
      )}
      {scoreText(score.value, measure)} {score.bandName && <Soft>{score.bandName}</Soft>}
    </>
  );
}

export function Soft({ children }: { children: React.ReactNode }) {
  return (
    <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
      {children}
    </Box>
  );
}

/** A need as a small mark; hovering and screen readers say it in full. */
export function NeedMark({ mark }: { mark: Schemas["NeedMark"] }) {
  const said = needMark(mark);
  return (
    <Tooltip title={said.full}>
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
        {said.short}
        {said.full !== said.short && <span className="visually-hidden">, {said.full}</span>}
      </Box>
    </Tooltip>
  );
}
