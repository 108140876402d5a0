import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import type { ReactNode } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { todayQuery } from "../api/queries";
import { ClashDialog, EffectsDialog } from "../arrange/EffectsDialog";
import { useBenchStep } from "../arrange/useBenchStep";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

/** A short list of what needs a person, each with its action in place. Nothing else. */
export default function TodayPlace() {
  const { classId, projector } = useFocus();
  const today = useQuery({ ...todayQuery(classId), staleTime: 0 }).data;
  if (!today) {
    return <Waiting />;
  }
  const nothing =
    today.arrangements.length === 0 && today.drafts.length === 0 && today.brokenLinks.length === 0;
  return (
    <>
      <PlaceHead title={words.title} about={words.about} />
      <Box sx={{ display: "grid", gap: 1.5, maxWidth: 860 }}>
        {nothing && <Box sx={{ py: 2 }}>{words.nothing}</Box>}
        {today.arrangements.map(
          (each) => !projector && each.moves.length > 0 && <Moves key={each.id} news={each} />,
        )}
        {today.arrangements.map(
          (each) => each.notPlaced.length > 0 && <NotPlaced key={each.id} news={each} classId={classId} />,
        )}
        {today.brokenLinks.length > 0 && <BrokenLinks links={today.brokenLinks} classId={classId} />}
        {today.drafts.length > 0 && <Drafts drafts={today.drafts} classId={classId} />}
      </Box>
    </>
  );
}

function Heading({ children }: { children: string }) {
  return (
    <Box component="h2" sx={{ fontSize: 16, flex: 1 }}>
      {children}
    </Box>
  );
}

/** One thing that needs a person, with its action at the right. */
function Row({ what, about, children }: { what: string; about: string; children: ReactNode }) {
  return (
    <Box
      sx={{ display: "flex", alignItems: "center", gap: 1.5, borderTop: "1px solid var(--z-line)", py: 0.5 }}
    >
      <Box sx={{ flex: 1 }}>
        {what}
        <Box component="span" sx={{ color: "var(--z-soft)" }}>
          {" "}
          · {about}
        </Box>
      </Box>
      {children}
    </Box>
  );
}

/** One by one or all; where a move touches open work, that is shown first. */
function Moves({ news }: { news: Schemas["ForArrangement"] }) {
  const { classId } = useFocus();
  const step = useBenchStep(news.id);
  const tell = useNotice();
  const undo = () => step.take({ kind: "UNDO" });
  return (
    <Card component="section" sx={{ p: 2 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1, mb: 1 }}>
        <Heading>{words.moves(news.name)}</Heading>
        <Button size="small" component={Link} to={`/classes/${classId}/arrange/${news.id}`}>
          {words.lookAtBench}
        </Button>
        {news.moves.length > 1 && (
          <Button
            size="small"
            variant="contained"
            onClick={() =>
              step.take({ kind: "TAKE_ADVICE" }, () => tell(words.allMoved(news.moves.length), undo))
            }
          >
            {words.doAll(news.moves.length)}
          </Button>
        )}
      </Box>
      {news.moves.map((move) => (
        <Row key={move.studentId} what={words.move(move)} about={words.values(move, news.measure)}>
          <Button
            size="small"
            onClick={() =>
              step.take({ kind: "PLACE", students: [move.studentId], groupId: move.toGroupId }, () =>
                tell(words.moved(move), undo),
              )
            }
          >
            {words.doMove(move)}
          </Button>
        </Row>
      ))}
      <EffectsDialog step={step} />
      <ClashDialog step={step} />
    </Card>
  );
}

function NotPlaced({ news, classId }: { news: Schemas["ForArrangement"]; classId: number }) {
  return (
    <Card component="section" sx={{ p: 2, display: "flex", alignItems: "center", gap: 1.5 }}>
      <Box sx={{ flex: 1 }}>
        <Heading>{words.notPlaced(news.name, news.notPlaced.length)}</Heading>
        <Box sx={{ color: "var(--z-soft)" }}>{news.notPlaced.join(", ")}</Box>
      </Box>
      <Button size="small" component={Link} to={`/classes/${classId}/arrange/${news.id}`}>
        {words.place}
      </Button>
    </Card>
  );
}

/** Each with the way to it in the library, where another can be found. */
function BrokenLinks({ links, classId }: { links: Schemas["BrokenLink"][]; classId: number }) {
  return (
    <Card component="section" sx={{ p: 2 }}>
      <Heading>{words.links}</Heading>
      {links.map((link) => (
        <Row key={link.itemId} what={words.link(link)} about={words.usedIn(link.usedIn)}>
          <Button
            size="small"
            component={Link}
            aria-label={words.find(link.title)}
            to={`/classes/${classId}/library?words=${encodeURIComponent(link.title)}`}
          >
            {words.findAnother}
          </Button>
        </Row>
      ))}
    </Card>
  );
}

function Drafts({ drafts, classId }: { drafts: Schemas["Draft"][]; classId: number }) {
  return (
    <Card component="section" sx={{ p: 2 }}>
      <Heading>{words.drafts}</Heading>
      <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap", mt: 1 }}>
        {drafts.map((each) => (
          <Button key={each.id} size="small" component={Link} to={`/classes/${classId}/plan/${each.id}`}>
            {words.open(each.name)}
          </Button>
        ))}
      </Box>
    </Card>
  );
}
