import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { layOut, type Placed, TILE } from "./mapLayout";
import { words } from "./words";

interface Props {
  strand: Schemas["StrandOfGroup"];
  names: ReadonlyMap<number, string>;
  members: number;
  chosen: number | undefined;
  onChoose: (skillId: number) => void;
}

/** A strand from left to right: what comes first stands left, a line leads to what needs it. */
export function StrandMap({ strand, names, members, chosen, onChoose }: Props) {
  const layout = layOut(strand.skills);
  return (
    <Card sx={{ p: 1.5, overflowX: "auto" }}>
      <Box component="h2" sx={{ fontSize: 14, mb: 1 }}>
        {strand.name || words.noStrand}
      </Box>
      <Box sx={{ position: "relative", width: layout.width, height: layout.height }}>
        <svg
          width={layout.width}
          height={layout.height}
          aria-hidden="true"
          style={{ position: "absolute", inset: 0 }}
        >
          {layout.lines.map(({ from, to }) => (
            <path
              key={`${from.skill.id}-${to.skill.id}`}
              d={curve(from, to)}
              fill="none"
              stroke="var(--z-line)"
              strokeWidth="2"
            />
          ))}
        </svg>
        {layout.placed.map((placed) => (
          <Tile
            key={placed.skill.id}
            placed={placed}
            elsewhere={placed.skill.prerequisites
              .filter((id) => !strand.skills.some((skill) => skill.id === id))
              .flatMap((id) => names.get(id) ?? [])}
            members={members}
            chosen={placed.skill.id === chosen}
            onChoose={() => onChoose(placed.skill.id)}
          />
        ))}
      </Box>
    </Card>
  );
}

function curve(from: Placed, to: Placed): string {
  const x1 = from.x + TILE.width;
  const y1 = from.y + TILE.height / 2;
  const y2 = to.y + TILE.height / 2;
  const middle = x1 + (to.x - x1) / 2;
  return `M${x1} ${y1} C${middle} ${y1} ${middle} ${y2} ${to.x} ${y2}`;
}

interface TileProps {
  placed: Placed;
  elsewhere: string[];
  members: number;
  chosen: boolean;
  onChoose: () => void;
}

function Tile({ placed, elsewhere, members, chosen, onChoose }: TileProps) {
  const { skill, x, y } = placed;
  const ready = skill.readiness === "READY";
  const share = members === 0 ? 0 : skill.holders / members;
  return (
    <Box
      component="button"
      type="button"
      aria-pressed={chosen}
      aria-label={[
        words.tile(skill, members),
        skill.readiness ? words.readiness[skill.readiness] : "",
        elsewhere.length > 0 ? words.needs({ names: elsewhere }) : "",
      ]
        .filter((part) => part !== "")
        .join(", ")}
      title={elsewhere.length > 0 ? words.needs({ names: elsewhere }) : undefined}
      onClick={onChoose}
      sx={{
        position: "absolute",
        left: x,
        top: y,
        width: TILE.width,
        height: TILE.height,
        p: 0.75,
        px: 1,
        textAlign: "left",
        font: "inherit",
        fontSize: 12.5,
        lineHeight: 1.2,
        color: "var(--z-ink)",
        cursor: "pointer",
        borderRadius: "10px",
        bgcolor: ready ? "var(--z-saffronWash)" : "var(--z-card)",
        border: `${ready ? 2 : 1}px solid var(--z-${ready ? "action" : "line"})`,
        boxShadow: chosen ? "0 0 0 2px var(--z-ink)" : "none",
        display: "flex",
        flexDirection: "column",
        justifyContent: "space-between",
      }}
    >
      <Box
        sx={{
          fontWeight: 700,
          overflow: "hidden",
          display: "-webkit-box",
          WebkitLineClamp: 2,
          WebkitBoxOrient: "vertical",
        }}
      >
        {skill.name}
      </Box>
      <Box sx={{ display: "flex", alignItems: "center", gap: 0.75, width: "100%" }}>
        <Box sx={{ flex: 1, height: 5, borderRadius: 3, bgcolor: "var(--z-sunk)", overflow: "hidden" }}>
          <Box sx={{ width: `${share * 100}%`, height: "100%", bgcolor: "var(--z-moss)" }} />
        </Box>
        <Box component="span" sx={{ fontSize: 11.5 }}>
          {words.held(skill, members)}
        </Box>
      </Box>
    </Box>
  );
}
