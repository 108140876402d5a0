import Button from "@mui/material/Button";
import { Link } from "react-router";
import { TodayRow } from "./TodayRow";
import type { WaitingElsewhere } from "./useWaitingElsewhere";
import { words } from "./words";

interface Props {
  at: string;
  waiting: WaitingElsewhere;
}

/** Work to mark, low results, and what was said in corners, each with the way there. */
export function ElsewhereRows({ at, waiting }: Props) {
  const sum = (of: number[]) => of.reduce((all, each) => all + each, 0);
  const { toMark, low, reported, unread } = waiting;
  const go = (to: string, label: string) => (
    <Button size="small" component={Link} to={`${at}/${to}`}>
      {label}
    </Button>
  );
  return (
    <>
      {reported.length > 0 && (
        <TodayRow
          urgent
          count={sum(reported.map((each) => each.reported))}
          what={words.reported.title}
          about={words.reported.about({ groups: reported.map((each) => each.group) })}
        >
          {go(`corners/${reported[0]?.id}`, words.reported.look)}
        </TodayRow>
      )}
      {toMark.length > 0 && (
        <TodayRow
          count={sum(toMark.map((each) => each.toMark))}
          what={words.toMark.title}
          about={words.toMark.about({ tasks: toMark.map((each) => each.name) })}
        >
          {go("progress/to-mark", words.toMark.look)}
        </TodayRow>
      )}
      {low.length > 0 && (
        <TodayRow
          count={low.length}
          what={words.low.title}
          about={words.low.about({ tasks: [...new Set(low.map((each) => each.taskName))] })}
        >
          {go("progress/low", words.low.look)}
        </TodayRow>
      )}
      {unread.length > 0 && (
        <TodayRow
          count={sum(unread.map((each) => each.unread))}
          what={words.unread.title}
          about={words.unread.about({ groups: unread.map((each) => each.group) })}
        >
          {go(`corners/${unread[0]?.id}`, words.unread.look)}
        </TodayRow>
      )}
    </>
  );
}
