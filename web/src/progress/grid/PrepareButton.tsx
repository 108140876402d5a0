import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { preparingQuery, resultsQuery } from "../../api/progressQueries";
import { classesQuery } from "../../api/queries";
import { useFocus } from "../../shell/focus";
import { useMissedDeeds } from "../results/useMissedDeeds";
import { words as resultWords } from "../results/words";
import { weakestOf } from "./weakest";
import { words } from "./words";

interface Props {
  taskId: number;
  students: number[];
}

/** Gives those who are selected what prepares the skill that most of them missed in one task. */
export function PrepareButton({ taskId, students }: Props) {
  const { classId, arrangement } = useFocus();
  const today = useQuery(classesQuery).data?.now.slice(0, 10) ?? "";
  const results = useQuery(resultsQuery(classId, taskId, arrangement?.id)).data;
  const weakest = weakestOf(results?.skills ?? [], students);
  const skills = weakest ? [weakest.skill.id] : [];
  const found = useQuery({ ...preparingQuery(skills), enabled: skills.length > 0 }).data?.[0]?.items ?? [];
  // What they have just missed prepares nobody.
  const item = found.find((each) => !results?.items.includes(each.id));
  const { give } = useMissedDeeds(taskId, today);
  return (
    weakest &&
    item && (
      <>
        <span>{words.panel.weakest({ skill: weakest.skill.name })}</span>
        <Button
          disabled={give.isPending}
          onClick={() => give.mutate({ item, students: weakest.missed })}
          sx={{ whiteSpace: "normal", lineHeight: 1.2 }}
        >
          {resultWords.give(item, weakest.missed.length)}
        </Button>
      </>
    )
  );
}
