import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api, data, type Schemas } from "../../api/client";
import { progressQuery } from "../../api/progressQueries";
import { queryClient } from "../../api/queryClient";
import { wordsOf } from "../../languages/words";
import { useFocus } from "../../shell/focus";
import { useNotice } from "../../shell/Notice";
import { PillSelect } from "../PillSelect";

const W = wordsOf("progress-marks", "settings");

/** Of which kind each piece of work is, whether it counts, and by which try; each holds at once. */
export function TaskFields({ now }: { now: Schemas["Marking"] }) {
  const { classId, arrangement } = useFocus();
  const tell = useNotice();
  const tasks = useQuery(progressQuery(classId, arrangement?.id)).data?.tasks ?? [];
  const set = useMutation({
    mutationFn: (body: Schemas["TasksMarked"]) =>
      data(api.PUT("/api/classes/{classId}/marking/tasks", { params: { path: { classId } }, body })),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: ["class", classId] }),
    onError: (error) => tell(error.message),
  });
  return (
    <Box component="section" sx={{ display: "grid", gap: 0.5 }}>
      <Box component="h3" sx={{ fontSize: 14 }}>
        {W.tasks}
      </Box>
      {tasks.map((task) => {
        const own = now.tasks.find((each) => each.taskId === task.id);
        const first = now.categories[0]?.id ?? 0;
        const is = {
          categoryId: own?.categoryId ?? first,
          counts: own?.counts ?? true,
          counting: own?.counting ?? ("BEST" as const),
        };
        const change = (next: Partial<typeof is>) => {
          const all = { ...is, ...next };
          set.mutate({
            tasks: [task.id],
            ...all,
            categoryId: all.categoryId === 0 ? undefined : all.categoryId,
          });
        };
        return (
          <Box key={task.id} sx={{ display: "flex", gap: 1, alignItems: "center" }}>
            <Box sx={{ flex: 1 }}>{task.name}</Box>
            {first !== 0 && (
              <PillSelect
                label={`${task.name}: ${W.name}`}
                value={String(is.categoryId)}
                options={now.categories.map((each) => [String(each.id), each.name])}
                onPick={(id) => change({ categoryId: Number(id) })}
              />
            )}
            <PillSelect
              label={`${task.name}: ${W.best}, ${W.last}`}
              value={is.counting}
              options={[
                ["BEST", W.best],
                ["LAST", W.last],
              ]}
              onPick={(counting) => change({ counting: counting as "BEST" | "LAST" })}
            />
            <Checkbox
              size="small"
              checked={is.counts}
              onChange={(event) => change({ counts: event.target.checked })}
              slotProps={{ input: { "aria-label": `${task.name} ${W.counts}` } }}
            />
          </Box>
        );
      })}
    </Box>
  );
}
