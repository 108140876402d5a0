import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { todayQuery } from "../api/planQueries";
import { classesQuery } from "../api/queries";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { type KeyHint, useShowKeys } from "../shell/keyHints";
import { Waiting } from "../shell/Waiting";
import { BeforeTheBell } from "./BeforeTheBell";
import { FirstSteps } from "./FirstSteps";
import { Moves } from "./Moves";
import { TodayPart, TodayRow } from "./TodayRow";
import { useRowKeys } from "./useRowKeys";
import { nothingElsewhere, useWaitingElsewhere } from "./useWaitingElsewhere";
import { WaitingForYou } from "./WaitingForYou";
import { words } from "./words";

type Today = Schemas["Today"];

const keys = (): readonly KeyHint[] => [
  [["J", "K"], words.keys.move],
  [["Enter"], words.keys.act],
];

/** A short list of what needs a person, each with its action in place. Nothing else. */
export default function TodayPlace() {
  const { classId, arrangement, projector } = useFocus();
  const today = useQuery({ ...todayQuery(classId, arrangement?.id), staleTime: 0 }).data;
  const className = useQuery(classesQuery).data?.classes.find((each) => each.id === classId)?.name ?? "";
  const elsewhere = useWaitingElsewhere(classId, arrangement?.id);
  useShowKeys(keys);
  useRowKeys();
  if (!today) {
    return <Waiting />;
  }
  const moves =
    projector || !today.mayChange ? [] : today.arrangements.filter((each) => each.moves.length > 0);
  return (
    <>
      <Box sx={{ display: "flex", alignItems: "baseline", gap: 1.5, py: 1.75, flexWrap: "wrap" }}>
        <Box component="h1" sx={{ fontSize: 23 }}>
          {words.title(today.localNow)}
        </Box>
        <Box sx={{ color: "var(--z-soft)" }}>{words.about(today, className)}</Box>
      </Box>
      <Box
        sx={{
          display: "grid",
          gridTemplateColumns: "repeat(auto-fit, minmax(min(100%, 420px), 1fr))",
          columnGap: 2,
          alignItems: "start",
        }}
      >
        <Box>
          {(today.firstSteps?.groups ?? true) &&
            needsNobody(today) &&
            nothingElsewhere(elsewhere) &&
            moves.length === 0 && <Box sx={{ py: 1 }}>{words.nothing}</Box>}
          <BeforeTheBell today={today} classId={classId} />
          <WaitingForYou today={today} classId={classId} elsewhere={elsewhere} />
          {today.firstSteps && <FirstSteps classId={classId} steps={today.firstSteps} />}
        </Box>
        <Box>
          {today.groups.length > 0 && <Groups groups={today.groups} projector={projector} />}
          {moves.map((news) => (
            <Moves key={news.id} news={news} />
          ))}
          {today.soon.length > 0 && <Soon today={today} classId={classId} />}
        </Box>
      </Box>
    </>
  );
}

function needsNobody(today: Today): boolean {
  const waiting = [today.drafts, today.conflicts, today.overdue, today.idle, today.brokenLinks];
  return (
    waiting.every((each) => each.length === 0) &&
    today.askToJoin === 0 &&
    today.arrangements.every((each) => each.notPlaced.length === 0)
  );
}

/** What today holds for each group; times of single students are left out where the class can see the screen. */
function Groups({ groups, projector }: { groups: Schemas["GroupToday"][]; projector: boolean }) {
  return (
    <TodayPart title={words.groups}>
      {groups.map((group) => (
        <Box key={group.groupId} sx={{ display: "flex", gap: 1.25, px: 1.75, py: 1 }}>
          <GroupShape look={group.look} />
          <Box sx={{ width: 96, flex: "none", fontWeight: 700 }}>{group.name}</Box>
          <Box sx={{ flex: 1 }}>
            {group.things
              .map((thing) => words.thing(projector ? { ...thing, eased: [] } : thing))
              .join("; ") || <Box sx={{ color: "var(--z-soft)" }}>{words.nothingToday}</Box>}
          </Box>
        </Box>
      ))}
    </TodayPart>
  );
}

function Soon({ today, classId }: { today: Today; classId: number }) {
  const day = today.localNow.slice(0, 10);
  return (
    <TodayPart title={words.soon}>
      {today.soon.map((soon) => (
        <TodayRow
          key={`${soon.id}-${soon.moment}-${soon.at}-${soon.students}`}
          what={
            <Box
              component={Link}
              to={`/classes/${classId}/plan/${soon.id}`}
              sx={{ color: "inherit", textDecorationColor: "var(--z-line)" }}
            >
              {soon.name}
            </Box>
          }
          about={words.soonLine(soon, day)}
        />
      ))}
    </TodayPart>
  );
}
