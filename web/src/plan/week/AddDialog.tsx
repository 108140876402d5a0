import Box from "@mui/material/Box";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { type FormEvent, useState } from "react";
import type { Schemas } from "../../api/client";
import { asField } from "../../shell/dates";
import { FormFoot } from "../../shell/FormFoot";
import { useFocus } from "../../shell/focus";
import { endOf } from "./layout";
import type { WeekDeeds } from "./useWeekDeeds";
import { words } from "./words";

/** What is known of a new piece of work before the dialog opens. */
export interface Adding {
  item?: Schemas["ReadyItem"];
  groupId?: number;
  everyone?: boolean;
  day?: string;
}

interface Props {
  week: Schemas["Week"];
  adding: Adding;
  deeds: WeekDeeds;
  onClose: () => void;
}

type Way = keyof typeof words.add.ways;

/** A new task or session, with everything that is known already filled in: mostly it takes one Enter. */
export function AddDialog({ week, adding, deeds, onClose }: Props) {
  const { arrangement } = useFocus();
  const [day, setDay] = useState(adding.day ?? firstOpenDay(week));
  const [way, setWay] = useState<Way>(adding.item ? wayOf(adding.item) : "ON_SCREEN");
  const shown = week.days.find((each) => each.day === day);
  const opensAt = shown?.opensAt ?? `${day}T09:00:00`;
  // Practice and reading have no time limit unless somebody sets one in the task.
  const limited = adding.item === undefined || adding.item.kind === "QUIZ";
  const pending = deeds.addTask.isPending || deeds.addSession.isPending;
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const text = (name: string) => String(fields.get(name) ?? "").trim();
    const groupId = Number(text("whom")) || undefined;
    const group = arrangement?.groups.find((each) => each.id === groupId);
    const minutes = Number(text("minutes")) || undefined;
    const name = adding.item?.title ?? text("name");
    if (way === "SESSION") {
      deeds.addSession.mutate(
        {
          version: 0,
          begins: withSeconds(text("opens")),
          minutes: minutes ?? 20,
          title: name,
          itemId: adding.item?.kind === "LESSON" ? adding.item.id : undefined,
          groups: groupId ? [groupId] : [],
        },
        { onSuccess: onClose },
      );
    } else {
      const wanted: Schemas["NewTask"] = {
        name,
        arrangementId: arrangement?.id,
        items: adding.item ? [adding.item.id] : [],
        groupId,
        everyone: text("whom") === "everyone",
        way,
        minutes: limited ? minutes : undefined,
        opens: text("opens") ? withSeconds(text("opens")) : undefined,
        due: text("due") ? withSeconds(text("due")) : undefined,
      };
      deeds.addTask.mutate({ wanted, whom: group?.name ?? words.everyone }, { onSuccess: onClose });
    }
  };
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="add-title">
      <form onSubmit={submit}>
        <DialogTitle id="add-title">{adding.item?.title ?? words.add.title}</DialogTitle>
        <DialogContent
          sx={{
            display: "grid",
            gap: 2,
            gridTemplateColumns: "1fr 1fr",
            "&&": { pt: 1 },
            "& > *": { minWidth: 0 },
          }}
        >
          {!adding.item && (
            <TextField name="name" label={words.add.name} required autoFocus sx={{ gridColumn: "1 / -1" }} />
          )}
          <TextField
            select
            name="whom"
            label={words.add.forWhom}
            defaultValue={adding.groupId ? String(adding.groupId) : "everyone"}
          >
            <MenuItem value="everyone">{words.everyone}</MenuItem>
            {arrangement?.groups.map((group) => (
              <MenuItem key={group.id} value={String(group.id)}>
                {group.name}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            label={words.add.way}
            value={way}
            onChange={(event) => setWay(event.target.value as Way)}
            disabled={adding.item?.kind === "LESSON"}
          >
            {Object.entries(words.add.ways).map(([value, label]) => (
              <MenuItem key={value} value={value}>
                {label}
              </MenuItem>
            ))}
          </TextField>
          <TextField
            select
            label={words.add.day}
            value={day}
            onChange={(event) => setDay(event.target.value)}
          >
            {week.days.map((each) => (
              <MenuItem key={each.day} value={each.day}>
                {words.dayLong(each.day)}
              </MenuItem>
            ))}
          </TextField>
          {limited || way === "SESSION" ? (
            <TextField
              type="number"
              name="minutes"
              label={way === "SESSION" ? words.add.minutes : words.add.limit}
              defaultValue={adding.item?.minutes ?? ""}
              slotProps={{ htmlInput: { min: 1, max: 600 } }}
            />
          ) : (
            <Box />
          )}
          <Moment
            key={`opens-${day}`}
            name="opens"
            label={way === "SESSION" ? words.sessions.begins : words.add.opens}
            value={opensAt}
          />
          {way === "SESSION" ? (
            <Box />
          ) : (
            <Moment key={`due-${day}`} name="due" label={words.add.due} value={endOf(day)} />
          )}
          {shown && !shown.teaching && (
            <Box
              role="alert"
              sx={{ gridColumn: "1 / -1", bgcolor: "var(--z-saffronWash)", p: 1.25, borderRadius: "8px" }}
            >
              {words.add.closed}
            </Box>
          )}
          <FormFoot
            deed={{ error: null, isPending: pending }}
            words={{ keep: words.add.go, cancel: words.cancel }}
            onCancel={onClose}
            focusKeep={adding.item !== undefined}
          />
        </DialogContent>
      </form>
    </Dialog>
  );
}

function Moment({ name, label, value }: { name: string; label: string; value: string }) {
  return (
    <TextField
      type="datetime-local"
      name={name}
      label={label}
      defaultValue={asField(value)}
      slotProps={{ inputLabel: { shrink: true } }}
    />
  );
}

export function withSeconds(field: string): string {
  return `${field}:00`;
}

function wayOf(item: Schemas["ReadyItem"]): Way {
  if (item.kind === "LESSON") {
    return "SESSION";
  }
  return item.kind === "OFF_SCREEN" || item.kind === "TALK" || item.kind === "PRINTABLE"
    ? "OFF_SCREEN"
    : "ON_SCREEN";
}

/** Today, else the first day with lessons. */
function firstOpenDay(week: Schemas["Week"]): string {
  const open = week.days.filter((each) => each.teaching && each.day >= week.today);
  return (open[0] ?? week.days[0])?.day ?? week.begins;
}
