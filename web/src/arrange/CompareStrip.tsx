import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { benchHistoryQuery, classesQuery } from "../api/queries";
import { Card } from "../shell/Card";
import { dayAndTimeInZone } from "../shell/dates";
import { useFocus } from "../shell/focus";
import type { Against, Comparison } from "./useComparison";
import { words } from "./words";

interface Props {
  bench: Schemas["BenchView"];
  comparison: Comparison;
}

interface Choice {
  key: string;
  label: string;
  against: Against;
}

/** The other arrangements of the class, and this one as it was before each time that all groups were taken anew. */
function useChoices(bench: Schemas["BenchView"], open: boolean): Choice[] {
  const { arrangements } = useFocus();
  const zone = useQuery(classesQuery).data?.zone ?? "UTC";
  const steps = useQuery({ ...benchHistoryQuery(bench.id), enabled: open, staleTime: 0 }).data ?? [];
  const earlier = lastOfEachDay(
    steps.filter((each) => !each.undone),
    zone,
  ).slice(0, 6);
  return [
    ...arrangements
      .filter((each) => each.id !== bench.id && each.groups.length > 0)
      .map((each) => ({ key: `other ${each.id}`, label: each.name, against: { other: each.id } })),
    ...earlier.map((each) => ({
      key: `step ${each.id}`,
      label: words.comparing.step({ at: dayAndTimeInZone(each.at, zone) }),
      against: { step: each.id },
    })),
  ];
}

/** The newest step is how it is now; of every day the last one before that says how the day ended. */
function lastOfEachDay(newestFirst: Schemas["HistoryStep"][], zone: string): Schemas["HistoryStep"][] {
  const days = new Set<string>();
  return newestFirst.slice(1).filter((step) => {
    const day = dayAndTimeInZone(step.at, zone).replace(/ \S+$/, "");
    const first = !days.has(day);
    days.add(day);
    return first;
  });
}

export function CompareButton({ bench, comparison }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const choices = useChoices(bench, anchor !== null);
  return (
    <>
      <Button aria-haspopup="menu" onClick={(event) => setAnchor(event.currentTarget)}>
        {words.compare}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {choices.length === 0 && <MenuItem disabled>{words.comparing.none}</MenuItem>}
        {choices.map((each) => (
          <MenuItem
            key={each.key}
            onClick={() => {
              setAnchor(null);
              comparison.start(each.against);
            }}
          >
            {each.label}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}

/** How many moved; who, and from where, stands with each student in the trays. */
export function CompareStrip({ bench, comparison }: Props) {
  const { arrangements } = useFocus();
  const zone = useQuery(classesQuery).data?.zone ?? "UTC";
  const steps = useQuery({ ...benchHistoryQuery(bench.id), enabled: comparison.against !== null }).data;
  if (comparison.against === null || !comparison.compared) {
    return null;
  }
  const { against } = comparison;
  const at = "step" in against ? steps?.find((each) => each.id === against.step)?.at : undefined;
  const name =
    "other" in against
      ? arrangements.find((each) => each.id === against.other)?.name
      : at && words.comparing.step({ at: dayAndTimeInZone(at, zone) });
  const moved = comparison.compared.students.filter((each) => each.moved).length;
  return (
    <Card
      role="status"
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 1.5,
        px: 2,
        py: 0.75,
        mb: 1.25,
        bgcolor: "var(--z-sunk)",
      }}
    >
      <Box sx={{ flex: 1 }}>
        {words.comparing.with} <b>{name}</b>:{" "}
        {words.comparing.summary({ moved, stayed: comparison.compared.students.length - moved })}
      </Box>
      <Button size="small" onClick={comparison.stop}>
        {words.comparing.stop}
      </Button>
    </Card>
  );
}
