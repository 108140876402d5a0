import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../api/client";
import { StarButton } from "./StarButton";
import { words } from "./words";

type Hit = Schemas["Hit"];

interface Props {
  found: Schemas["Found"];
  chosen: number | undefined;
  onChoose: (itemId: number) => void;
  onStar: (itemId: number, starred: boolean) => void;
  onClear: () => void;
}

/** What fits, best first. */
export function Hits({ found, chosen, onChoose, onStar, onClear }: Props) {
  return (
    <>
      <Box sx={{ display: "flex", justifyContent: "space-between", p: 1.5, alignItems: "baseline", gap: 1 }}>
        <b>{words.fit({ count: found.total })}</b>
        <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5, textAlign: "right" }}>
          {words.order}
        </Box>
      </Box>
      {found.total === 0 && (
        <Box sx={{ p: 1.5, borderTop: "1px solid var(--z-line)" }}>
          <p>{words.noneFit}</p>
          <Button sx={{ mt: 1 }} onClick={onClear}>
            {words.clear}
          </Button>
        </Box>
      )}
      <Box component="ul" sx={{ listStyle: "none", p: 0 }}>
        {found.hits.map((hit) => (
          <HitRow
            key={hit.id}
            hit={hit}
            found={found}
            chosen={hit.id === chosen}
            onChoose={() => onChoose(hit.id)}
            onStar={() => onStar(hit.id, !hit.starred)}
          />
        ))}
      </Box>
    </>
  );
}

interface RowProps {
  hit: Hit;
  found: Schemas["Found"];
  chosen: boolean;
  onChoose: () => void;
  onStar: () => void;
}

function HitRow({ hit, found, chosen, onChoose, onStar }: RowProps) {
  return (
    <Box
      component="li"
      id={`hit-${hit.id}`}
      sx={{
        display: "flex",
        alignItems: "center",
        borderTop: "1px solid var(--z-line)",
        bgcolor: chosen ? "var(--z-ownWash)" : undefined,
      }}
    >
      <StarButton title={hit.title} on={hit.starred} onToggle={onStar} />
      <Box
        component="button"
        type="button"
        aria-current={chosen ? "true" : undefined}
        onClick={onChoose}
        sx={{
          flex: 1,
          minWidth: 0,
          display: "flex",
          gap: 1,
          alignItems: "center",
          textAlign: "left",
          font: "inherit",
          color: "inherit",
          background: "none",
          border: 0,
          cursor: "pointer",
          py: 0.9,
          pr: 1.5,
          pl: 0.5,
        }}
      >
        <Box sx={{ flex: 1, minWidth: 0 }}>
          <Box sx={{ fontWeight: 700, display: "flex", gap: 0.75, alignItems: "center", flexWrap: "wrap" }}>
            {hit.title}
            {hit.link && hit.link !== "GOOD" && <LinkMark state={hit.link} />}
          </Box>
          <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.about(hit, found.students)}</Box>
        </Box>
        <Box sx={{ width: 76, textAlign: "right", flex: "none" }}>
          {hit.levelLow === undefined || hit.levelHigh === undefined
            ? "–"
            : words.level(hit.levelLow, hit.levelHigh, found.level?.levels)}
        </Box>
        <Box sx={{ width: 48, textAlign: "right", flex: "none", color: "var(--z-soft)", fontSize: 12.5 }}>
          {hit.minutes !== undefined && words.minutes({ minutes: hit.minutes })}
        </Box>
      </Box>
    </Box>
  );
}

/** Says in words that a link does not lead where it should. */
export function LinkMark({ state }: { state: NonNullable<Hit["link"]> }) {
  return (
    <Box
      component="span"
      sx={{
        fontSize: 11.5,
        fontWeight: 400,
        px: 0.75,
        borderRadius: 99,
        color: state === "MOVED" ? "var(--z-soft)" : "var(--z-clayText)",
        border: `1px solid ${state === "MOVED" ? "var(--z-line)" : "var(--z-clay)"}`,
        whiteSpace: "nowrap",
      }}
    >
      {words.links[state]}
    </Box>
  );
}
