import Button from "@mui/material/Button";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { TodayPart, TodayRow } from "./TodayRow";
import { words } from "./words";

interface Props {
  today: Schemas["Today"];
  classId: number;
}

/** What would go wrong today if nobody looked at it. */
export function BeforeTheBell({ today, classId }: Props) {
  const at = `/classes/${classId}`;
  const notPlaced = today.mayChange ? today.arrangements.filter((each) => each.notPlaced.length > 0) : [];
  const none =
    today.drafts.length + today.conflicts.length + notPlaced.length + today.brokenLinks.length === 0;
  if (none) {
    return null;
  }
  return (
    <TodayPart title={words.before}>
      {today.conflicts.map((task) => (
        <TodayRow
          key={`conflict-${task.id}`}
          count={task.students.length}
          urgent
          what={words.conflict.title(task)}
          about={words.conflict.about(task)}
        >
          <Button size="small" component={Link} to={`${at}/plan/${task.id}`}>
            {words.conflict.choose}
          </Button>
        </TodayRow>
      ))}
      {today.drafts.map((draft) => (
        <TodayRow
          key={`draft-${draft.id}`}
          count={1}
          urgent={draft.opens?.startsWith(today.localNow.slice(0, 10))}
          what={words.draft.title(draft)}
          about={words.draft.about(draft)}
        >
          <Button size="small" component={Link} to={`${at}/plan/${draft.id}`}>
            {words.draft.look}
          </Button>
          {draft.students > 0 && (
            <Button size="small" component={Link} to={`${at}/plan/${draft.id}?hand-out`}>
              {words.draft.handOut}
            </Button>
          )}
        </TodayRow>
      ))}
      {notPlaced.map((news) => (
        <TodayRow
          key={`not-placed-${news.id}`}
          count={news.notPlaced.length}
          what={words.notPlaced(news.notPlaced, news.name)}
          about={news.measure}
        >
          <Button size="small" component={Link} to={`${at}/arrange/${news.id}`}>
            {words.place}
          </Button>
        </TodayRow>
      ))}
      {today.brokenLinks.map((link) => (
        <TodayRow
          key={`link-${link.itemId}`}
          count={1}
          what={words.link(link)}
          about={words.usedIn({ names: link.usedIn })}
        >
          <Button
            size="small"
            component={Link}
            aria-label={words.find({ title: link.title })}
            to={`${at}/library?words=${encodeURIComponent(link.title)}`}
          >
            {words.findAnother}
          </Button>
        </TodayRow>
      ))}
    </TodayPart>
  );
}
