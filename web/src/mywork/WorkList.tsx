import Box from "@mui/material/Box";
import type { ReactNode } from "react";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { aboutCard, words } from "./words";

const order = ["GOING_ON", "NOW", "LATER", "DONE", "MISSED"] as const;

interface Props {
  work: Schemas["MyWork"];
  /** What can be done with a card; the first one to do is told apart. */
  actions: (card: Schemas["Card"], first: boolean) => ReactNode;
  /** What stands between the first thing to do and the rest. */
  between?: ReactNode;
}

/** What to do first, then now, later, and what is done. */
export function WorkList({ work, actions, between }: Props) {
  const first = work.cards.find(
    (card) => (card.when === "GOING_ON" || card.when === "NOW") && card.after === undefined,
  );
  const sections = order
    .map((when) => ({ when, cards: work.cards.filter((card) => card.when === when && card !== first) }))
    .filter(({ cards }) => cards.length > 0);
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
      {between}
      {sections.map(({ when, cards }) => (
        <Section key={when} title={words.sections[when]}>
          {cards.map((card) => (
            <Work key={card.taskId} card={card} now={work.localNow}>
              {card.after === undefined && actions(card, false)}
            </Work>
          ))}
        </Section>
      ))}
    </>
  );
}

function Section({ title, children }: { title: string; children: ReactNode }) {
  return (
    <Box component="section" sx={{ mt: 2, display: "grid", gap: 1 }}>
      <Box component="h2" sx={{ fontSize: 17, px: 0.25 }}>
        {title}
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
      <Box component="h3" sx={{ fontSize: 18 }}>
        {card.title}
      </Box>
      <Box sx={{ color: done ? "var(--z-ink)" : "var(--z-soft)", fontSize: 15 }}>{aboutCard(card, now)}</Box>
      {card.instructions && card.when !== "LATER" && (
        <Box sx={{ whiteSpace: "pre-wrap", mt: 0.5, fontSize: 16 }}>{card.instructions}</Box>
      )}
      {children}
    </Card>
  );
}
