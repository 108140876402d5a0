import Box from "@mui/material/Box";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { useState } from "react";
import type { Schemas } from "../../api/client";
import { words } from "./words";

interface Props {
  who: string;
  criteria: Schemas["MarkingCriterion"][];
  /** Points for each, none where they were not given so. */
  given: number[];
  disabled: boolean;
  onGive: (points: number[]) => void;
}

/** One row of points for each criterion; kept once every row has one. */
export function ByCriteria({ who, criteria, given, disabled, onGive }: Props) {
  const [begun, setBegun] = useState<(number | undefined)[]>([]);
  const chosen = criteria.map((_, i) => begun[i] ?? given[i]);
  const choose = (place: number, points: number) => {
    const next = chosen.map((each, i) => (i === place ? points : each));
    setBegun(next);
    const all = next.filter((each) => each !== undefined);
    if (all.length === criteria.length) {
      onGive(all);
    }
  };
  return (
    <Box
      sx={{ display: "grid", gridTemplateColumns: "max-content 1fr", columnGap: 1.5, rowGap: 0.5, my: 0.75 }}
    >
      {criteria.map((each, place) => (
        <Box key={each.name} sx={{ display: "contents" }}>
          <Box sx={{ fontSize: 13, alignSelf: "center" }}>{each.name}</Box>
          <ToggleButtonGroup
            exclusive
            size="small"
            disabled={disabled}
            value={chosen[place] ?? null}
            aria-label={words.criterion(each.name, who)}
            onChange={(_, points: number | null) => points !== null && choose(place, points)}
          >
            {Array.from({ length: each.points + 1 }, (_, points) => (
              <ToggleButton key={String(points)} value={points} sx={{ px: 1.25, py: 0 }}>
                {points}
              </ToggleButton>
            ))}
          </ToggleButtonGroup>
        </Box>
      ))}
    </Box>
  );
}
