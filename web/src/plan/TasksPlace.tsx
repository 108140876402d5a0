import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { tasksQuery } from "../api/planQueries";
import { queryClient } from "../api/queryClient";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { useMayChange } from "../shell/role";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

/** Every task of the class, the newest first. */
export default function TasksPlace() {
  const { classId } = useFocus();
  const mayChange = useMayChange();
  const [search] = useSearchParams();
  const wantedFor = search.get("for");
  const [making, setMaking] = useState(wantedFor !== null);
  const tasks = useQuery(tasksQuery(classId)).data;
  if (!tasks) {
    return <Waiting />;
  }
  return (
    <>
      <PlaceHead title={words.tasksTitle} about={words.about}>
        <Button component={Link} to={`/classes/${classId}/plan`} variant="text">
          {words.toWeek}
        </Button>
        {mayChange && (
          <Button variant="contained" onClick={() => setMaking(true)}>
            {words.newTask}
          </Button>
        )}
      </PlaceHead>
      <Card>
        {tasks.length === 0 && <Box sx={{ p: 3 }}>{words.none}</Box>}
        {tasks.toReversed().map((task) => (
          <TaskLine key={task.id} task={task} />
        ))}
      </Card>
      {making && <NewTask arrangementId={Number(wantedFor)} onClose={() => setMaking(false)} />}
    </>
  );
}

function TaskLine({ task }: { task: Schemas["TaskCard"] }) {
  const { classId } = useFocus();
  const draft = task.state !== "HANDED_OUT";
  return (
    <Box
      component={Link}
      to={`/classes/${classId}/plan/${task.id}`}
      sx={{
        display: "flex",
        alignItems: "center",
        gap: 2,
        p: 1.75,
        color: "inherit",
        textDecoration: "none",
        borderTop: "1px solid var(--z-line)",
        "&:first-of-type": { borderTop: 0 },
        "&:hover": { bgcolor: "var(--z-ownWash)" },
      }}
    >
      <Box sx={{ flex: 1 }}>
        <Box component="h2">{task.name}</Box>
        <Box sx={{ color: "var(--z-soft)", fontSize: 13 }}>{words.card(task)}</Box>
      </Box>
      <Box
        component="span"
        sx={{
          borderRadius: 99,
          px: 1.5,
          py: 0.25,
          bgcolor: draft ? "var(--z-saffronWash)" : "var(--z-mossWash)",
          color: draft ? "var(--z-saffron)" : "var(--z-mossText)",
        }}
      >
        {words.states[task.state]}
      </Box>
    </Box>
  );
}

function NewTask({ arrangementId, onClose }: { arrangementId: number; onClose: () => void }) {
  const { arrangements, arrangement, classId } = useFocus();
  const navigate = useNavigate();
  const tell = useNotice();
  const make = useMutation({
    mutationFn: (body: Schemas["NewTask"]) =>
      data<Schemas["MadeTask"]>(
        api.POST("/api/classes/{classId}/tasks", { params: { path: { classId } }, body }),
      ),
    onSuccess: ({ id }) => {
      queryClient.invalidateQueries({ queryKey: ["class", classId, "tasks"] });
      navigate(`/classes/${classId}/plan/${id}`);
    },
    onError: (error) => tell(error.message),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const chosen = Number(fields.get("arrangement"));
    make.mutate({ name: String(fields.get("name")), arrangementId: chosen || undefined });
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="xs" aria-labelledby="new-task">
      <form onSubmit={submit}>
        <DialogTitle id="new-task">{words.newTask}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, "&&": { pt: 1 } }}>
          <TextField name="name" label={words.taskName} required autoFocus />
          <TextField
            name="arrangement"
            select
            label={words.forGroups}
            defaultValue={String(arrangementId || (arrangement?.id ?? ""))}
            slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          >
            <MenuItem value="">{words.noGroups}</MenuItem>
            {arrangements.map((each) => (
              <MenuItem key={each.id} value={String(each.id)}>
                {each.name}
              </MenuItem>
            ))}
          </TextField>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{words.cancel}</Button>
          <Button type="submit" variant="contained" disabled={make.isPending}>
            {words.make}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
