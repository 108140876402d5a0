import Box from "@mui/material/Box";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import type { Schemas } from "../api/client";
import { typedNumber } from "../languages/numbers";
import { FormFoot } from "../shell/FormFoot";
import { supportName } from "./needMark";
import { words } from "./words";

type Support = Schemas["NewAccommodation"]["support"];
type WorkKind = Schemas["NewAccommodation"]["works"][number];

const supports: Support[] = [
  "EXTENDED_TIME",
  "UNTIMED",
  "EXTRA_DAYS",
  "BREAKS",
  "READ_ALOUD",
  "LARGE_TEXT",
  "FEWER_CHOICES",
  "FEWER_QUESTIONS",
  "SEPARATE_PLACE",
  "LANGUAGE_VERSION",
  "TOOL",
];

const usual: Partial<Record<Support, string>> = {
  EXTENDED_TIME: "1.5",
  EXTRA_DAYS: "1",
  BREAKS: "10",
  FEWER_CHOICES: "3",
  FEWER_QUESTIONS: "75",
};

interface Props<Granted> {
  /** Plans that it may come from. */
  plans: Schemas["PlanShown"][];
  grant: (wanted: Schemas["NewAccommodation"]) => Promise<Granted>;
  /** @param what it is called */
  onGranted: (granted: Granted, what: string) => void;
  onClose: () => void;
}

/** Grants something to a student or to several: what, how much, for which work, from when to when. */
export function GrantDialog<Granted>({ plans, grant, onGranted, onClose }: Props<Granted>) {
  const [support, setSupport] = useState<Support>("EXTENDED_TIME");
  const [works, setWorks] = useState<WorkKind[]>([]);
  const deed = useMutation({
    mutationFn: grant,
    onSuccess: (granted) => {
      onGranted(granted, supportName(support));
      onClose();
    },
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    deed.mutate(asked(new FormData(event.currentTarget), support, works));
  };
  const amountLabel = labelOf(words.amount, support);
  const detailLabel = labelOf(words.detail, support);
  return (
    <Dialog open onClose={onClose}>
      <DialogTitle>{words.addNeed.replace("…", "")}</DialogTitle>
      <DialogContent>
        <Box component="form" onSubmit={submit} sx={{ display: "grid", gap: 1.75, pt: 1, width: 380 }}>
          <TextField
            select
            label={words.support}
            value={support}
            onChange={(event) => setSupport(event.target.value as Support)}
          >
            {supports.map((each) => (
              <MenuItem key={each} value={each}>
                {supportName(each)}
              </MenuItem>
            ))}
          </TextField>
          {amountLabel && (
            <TextField
              key={support}
              name="amount"
              label={amountLabel}
              defaultValue={usual[support]}
              required
            />
          )}
          {detailLabel && <TextField key={support} name="detail" label={detailLabel} required />}
          <TextField
            select
            label={words.works}
            helperText={words.worksHelp}
            value={works}
            onChange={(event) => setWorks(event.target.value as unknown as WorkKind[])}
            slotProps={{ select: { multiple: true } }}
          >
            {(Object.keys(words.workKinds) as WorkKind[]).map((kind) => (
              <MenuItem key={kind} value={kind}>
                {words.workKinds[kind]}
              </MenuItem>
            ))}
          </TextField>
          <TextField name="subjects" label={words.subjects} helperText={words.subjectsHelp} />
          <Box sx={{ display: "flex", gap: 1.5 }}>
            <Day name="from" label={words.fromDay} />
            <Day name="to" label={words.toDay} />
          </Box>
          <TextField name="source" label={words.source} />
          {plans.length > 0 && (
            <TextField select name="planId" label={words.plan} defaultValue="">
              <MenuItem value="">{words.noPlan}</MenuItem>
              {plans.map((plan) => (
                <MenuItem key={plan.id} value={plan.id}>
                  {plan.kind}
                </MenuItem>
              ))}
            </TextField>
          )}
          <FormFoot deed={deed} words={words} onCancel={onClose} />
        </Box>
      </DialogContent>
    </Dialog>
  );
}

export function Day({ name, label }: { name: string; label: string }) {
  return (
    <TextField
      name={name}
      label={label}
      type="date"
      slotProps={{ inputLabel: { shrink: true } }}
      sx={{ flex: 1 }}
    />
  );
}

function asked(fields: FormData, support: Support, works: WorkKind[]): Schemas["NewAccommodation"] {
  const text = (name: string) => String(fields.get(name) ?? "").trim();
  const amount = typedNumber(text("amount"));
  return {
    support,
    works,
    amount: Number.isNaN(amount) ? undefined : amount,
    detail: text("detail"),
    subjects: text("subjects")
      .split(",")
      .map((each) => each.trim())
      .filter(Boolean),
    from: text("from") || undefined,
    to: text("to") || undefined,
    source: text("source"),
    planId: text("planId") ? Number(text("planId")) : undefined,
  };
}

/** What is asked beside a support, where it takes an amount or a detail. */
function labelOf(labels: Readonly<Record<string, string>>, support: string): string | undefined {
  return labels[support];
}
