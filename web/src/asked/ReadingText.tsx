import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { type KeyboardEvent, type MouseEvent, useLayoutEffect, useRef, useState } from "react";
import type { Schemas } from "../api/client";
import { ItemPageView } from "./ItemPageView";
import { words } from "./words";

interface Props {
  texts: Schemas["ItemPage"][];
  /** The same texts in languages of the student. */
  others?: Schemas["OtherLanguage"][];
  /** Holds the paragraph that is read; the others step back. */
  held?: boolean;
}

const PARAGRAPHS = "p, li, h3, blockquote, table";

/** What there is to read or look at, beside the questions. */
export function ReadingText({ texts, others = [], held = false }: Props) {
  const part = useRef<HTMLDivElement>(null);
  const { place, count, move, choose } = useHeld(part, held);
  const keys = (event: KeyboardEvent) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (held && by !== undefined && event.target === event.currentTarget) {
      event.preventDefault();
      move(by);
    }
  };
  return (
    <Box
      component="section"
      aria-label={words.text}
      tabIndex={0}
      onKeyDown={keys}
      sx={{
        bgcolor: "var(--z-card)",
        borderRight: { md: "1px solid var(--z-line)" },
        borderBottom: { xs: "1px solid var(--z-line)", md: "none" },
        p: { xs: 2, md: 4 },
        overflow: "auto",
        minWidth: 0,
      }}
    >
      <Box
        ref={part}
        onClick={held ? choose : undefined}
        sx={{
          "& [data-held]": {
            bgcolor: "var(--z-ownWash)",
            borderRadius: "8px",
            boxShadow: "0 0 0 10px var(--z-ownWash)",
          },
          "& [data-back]": { opacity: 0.72 },
        }}
      >
        {texts.map((text) => (
          <OneText
            key={text.id}
            text={text}
            others={others.filter((other) => other.textId === text.id).map((other) => other.page)}
          />
        ))}
      </Box>
      {held && count > 0 && (
        <Box data-silent sx={{ fontSize: "0.75em", color: "var(--z-soft)" }}>
          {words.held({ place: place + 1, count })}
        </Box>
      )}
    </Box>
  );
}

interface OneProps {
  text: Schemas["ItemPage"];
  others: Schemas["ItemPage"][];
}

/** One text, and a choice of the languages that it is there in. */
function OneText({ text, others }: OneProps) {
  const [language, setLanguage] = useState(text.language);
  const shown = others.find((other) => other.language === language) ?? text;
  return (
    <Box component="article" sx={{ maxWidth: "34em", mb: 4 }}>
      {others.length > 0 && (
        <Box data-silent role="group" aria-label={words.languages} sx={{ display: "flex", gap: 1, mb: 1.5 }}>
          {[text, ...others].map((each) => (
            <Button
              key={each.id}
              lang={each.language}
              aria-pressed={each === shown}
              onClick={() => setLanguage(each.language)}
              sx={{
                fontSize: "0.88em",
                minHeight: 44,
                fontWeight: each === shown ? 700 : 400,
                "&&": each === shown ? { bgcolor: "var(--z-aubergineWash)" } : {},
              }}
            >
              {words.language(each.language)}
            </Button>
          ))}
        </Box>
      )}
      <Box component="h2" sx={{ fontSize: "1.25em", mb: 2 }} lang={shown.language}>
        {shown.title}
      </Box>
      <ItemPageView page={shown} />
    </Box>
  );
}

/** Which paragraph is held. The text itself comes as it is, so its paragraphs are marked where they stand. */
function useHeld(part: React.RefObject<HTMLElement | null>, held: boolean) {
  const [place, setPlace] = useState(0);
  const [count, setCount] = useState(0);
  const paragraphs = () => [...(part.current?.querySelectorAll<HTMLElement>(PARAGRAPHS) ?? [])];
  useLayoutEffect(() => {
    const text = part.current;
    if (!text || !held) {
      return;
    }
    const mark = () => {
      const all = [...text.querySelectorAll<HTMLElement>(PARAGRAPHS)];
      setCount(all.length);
      all.forEach((paragraph, i) => {
        paragraph.toggleAttribute("data-held", i === place);
        paragraph.toggleAttribute("data-back", i !== place);
      });
    };
    mark();
    // Another text, or the same in another language, has paragraphs of its own.
    const changes = new MutationObserver(mark);
    changes.observe(text, { childList: true, subtree: true });
    return () => {
      changes.disconnect();
      for (const paragraph of text.querySelectorAll("[data-held], [data-back]")) {
        paragraph.removeAttribute("data-held");
        paragraph.removeAttribute("data-back");
      }
    };
  }, [part, held, place]);
  const move = (by: number) => {
    const all = paragraphs();
    const next = Math.max(0, Math.min(all.length - 1, place + by));
    setPlace(next);
    all[next]?.scrollIntoView({ block: "nearest" });
  };
  const choose = (event: MouseEvent) => {
    const clicked = (event.target as HTMLElement).closest<HTMLElement>(PARAGRAPHS);
    const found = clicked ? paragraphs().indexOf(clicked) : -1;
    if (found >= 0) {
      setPlace(found);
    }
  };
  return { place, count, move, choose };
}
