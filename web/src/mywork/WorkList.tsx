import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { aboutCard, words } from "./words";

const toDo = ["GOING_ON", "NOW", "NEXT"] as const;
const rest = ["LATER", "DONE", "MISSED"] as const;

interface Props {
  work: Schemas["MyWork"];
  /** What can be done with a card; the first one to do is told apart. */
  actions: (card: Schemas["Card"], first: boolean) => ReactNode;
  /** What stands after what there is to do. */
  between?: ReactNode;
  /** What there is to read, after what there is to do. */
  reading?: ReactNode;
}

/** What to do first, then now, next and later, and what is done. */
export function WorkList({ work, actions, between, reading }: Props) {
  const first = work.cards.find(
    (card) => toDo.some((when) => when === card.when) && card.after === undefined,
  );
  const sections = (whens: readonly Schemas["Card"]["when"][]) =>
    whens
      .map((when) => ({ when, cards: work.cards.filter((card) => card.when === when && card !== first) }))
      .filter(({ cards }) => cards.length > 0)
      .map(({ when, cards }) => (
        <Section
          key={when}
          title={words.sections[when]}
          about={when === "DONE" ? words.doneThisWeek({ count: work.doneThisWeek }) : undefined}
        >
          {cards.map((card) => (
            <Work key={card.taskId} card={card} now={work.localNow}>
              {card.after === undefined && actions(card, false)}
            </Work>
          ))}
        </Section>
      ));
  return (
    <>
      {!first && <Box sx={{ py: 2 }}>{words.nothing}</Box>}
      {first && (
        <Section title={words.first}>
          <Work card={first} now={work.localNow} first>
            {actions(first, true)}
          </Work>
        </Section>
      )}
      {sections(toDo)}
      {between}
      {reading}
      {sections(rest)}
    </>
  );
}

function Section({ title, about, children }: { title: string; about?: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ mt: 2, display: "grid", gap: 1 }}>
      <Box sx={{ display: "flex", gap: 1, alignItems: "baseline", px: 0.25 }}>
        <Box component="h2" sx={{ fontSize: "1em" }}>
          {title}
        </Box>
        {about && <Box sx={{ fontSize: "0.78em", color: "var(--z-soft)" }}>{about}</Box>}
      </Box>
      {children}
    </Box>
  );
}

interface WorkProps {
  card: Schemas["Card"];
  now: string;
  first?: boolean;
  children: ReactNode;
}

function Work({ card, now, first, children }: WorkProps) {
  const done = card.when === "DONE";
  return (
    <Card
      sx={{
        p: 2,
        bgcolor: done ? "var(--z-mossWash)" : "var(--z-card)",
        borderColor: first ? "var(--z-action)" : done ? "var(--z-mossWash)" : "var(--z-line)",
        borderWidth: first ? 2 : 1,
      }}
    >
      <Box component="h3" sx={{ fontSize: "1.06em" }}>
        {card.title}
      </Box>
      <Box sx={{ color: done ? "var(--z-ink)" : "var(--z-soft)", fontSize: "0.88em" }}>
        {aboutCard(card, now)}
      </Box>
      {card.remindedBy && <Box sx={{ fontSize: "0.88em" }}>{words.reminds({ by: card.remindedBy })}</Box>}
      {card.corrected && <Box sx={{ fontSize: 14 }}>{words.corrected}</Box>}
      {card.remark && (
        <Box sx={{ fontSize: "0.88em", whiteSpace: "pre-wrap" }}>
          <b>{words.says(card.remarkBy)}</b>
          {card.remark}
        </Box>
      )}
      {card.cameLate.waiting > 0 && (
        <Box sx={{ fontSize: "0.88em" }}>{words.cameLate({ count: card.cameLate.waiting })}</Box>
      )}
      {card.when === "GOING_ON" && card.questions > 0 && <HowFar share={card.answered / card.questions} />}
      {card.instructions && card.when !== "LATER" && (
        <Box sx={{ whiteSpace: "pre-wrap", mt: 0.5, fontSize: "0.94em" }}>{card.instructions}</Box>
      )}
      {children}
    </Card>
  );
}

/** How much of what was begun has an answer; the words above say it too. */
function HowFar({ share }: { share: number }) {
  return (
    <Box
      aria-hidden="true"
      sx={{ height: 7, borderRadius: 99, bgcolor: "var(--z-sunk)", mt: 1, overflow: "hidden" }}
    >
      <Box sx={{ height: "100%", width: `${share * 100}%`, bgcolor: "var(--z-moss)" }} />
    </Box>
  );
}
