import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import ButtonBase from "@mui/material/ButtonBase";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { FieldDialog } from "./FieldDialog";
import { FieldValue } from "./FieldValue";
import { TargetsDialog } from "./TargetsDialog";
import { type Field, followingBase, type TaskView, withVersion } from "./taskEdit";
import type { Change } from "./useTaskEdit";
import { versionName, words } from "./words";

const fields = (): Field[] => Object.keys(words.fields) as Field[];

interface Props {
  task: TaskView;
  onChange: (change: Change) => void;
}

type Open = { place: number; field: Field } | { place: number; field: "targets" } | null;

/** The base and its versions side by side: only what differs is filled, the rest shows the base's value faintly. */
export function VersionTable({ task, onChange }: Props) {
  const [open, setOpen] = useState<Open>(null);
  const close = () => setOpen(null);
  return (
    <Card sx={{ overflowX: "auto", mb: 1.25 }}>
      <Box
        component="table"
        sx={{
          borderCollapse: "collapse",
          width: "100%",
          minWidth: 320 + task.versions.length * 190,
          tableLayout: "fixed",
          "& th": { textAlign: "left", fontWeight: 400, verticalAlign: "top" },
          "& tbody tr": { borderTop: "1px solid var(--z-line)" },
        }}
      >
        <thead>
          <Box component="tr" sx={{ bgcolor: "var(--z-sunk)" }}>
            <Box component="th" sx={{ width: 150 }}>
              <Button
                size="small"
                sx={{ m: 1 }}
                onClick={() =>
                  onChange((edit) => withVersion(edit, words.versionName({ number: edit.versions.length })))
                }
              >
                {words.newVersion}
              </Button>
            </Box>
            {task.versions.map((version, place) => (
              <th key={version.id}>
                <VersionHead
                  task={task}
                  version={version}
                  onOpen={() => setOpen({ place, field: "targets" })}
                />
              </th>
            ))}
          </Box>
        </thead>
        <tbody>
          {fields().map((field) => (
            <tr key={field}>
              <Box component="th" scope="row" sx={{ px: 1.5, py: 0.6, color: "var(--z-soft)" }}>
                {words.fields[field]}
              </Box>
              {task.versions.map((version, place) => (
                <Cell
                  key={version.id}
                  version={version}
                  field={field}
                  onOpen={() => setOpen({ place, field })}
                  onFollow={() => onChange((edit) => followingBase(edit, place, field))}
                />
              ))}
            </tr>
          ))}
          <Students task={task} />
        </tbody>
      </Box>
      {open?.field === "targets" && (
        <TargetsDialog task={task} place={open.place} onChange={onChange} onClose={close} />
      )}
      {open && open.field !== "targets" && (
        <FieldDialog task={task} place={open.place} field={open.field} onChange={onChange} onClose={close} />
      )}
    </Card>
  );
}

function VersionHead({
  task,
  version,
  onOpen,
}: {
  task: TaskView;
  version: Schemas["VersionShown"];
  onOpen: () => void;
}) {
  const { arrangements } = useFocus();
  const groups = arrangements
    .flatMap((each) => each.groups)
    .filter((group) => version.targets.groups.includes(group.id));
  const reached = task.students.filter((each) => each.versionId === version.id).length;
  const named = [
    version.targets.everyone && words.everyone,
    ...groups.map((group) => group.name),
    version.targets.students.length > 0 && `+${version.targets.students.length}`,
  ].filter(Boolean);
  return (
    <ButtonBase
      onClick={onOpen}
      aria-label={words.targets.title({ version: versionName(version) })}
      sx={{ font: "inherit", width: "100%", textAlign: "left", display: "block", px: 1.5, py: 1 }}
    >
      <Box sx={{ display: "flex", gap: 0.5, alignItems: "center" }}>
        {groups.map((group) => (
          <GroupShape key={group.id} look={group.look} />
        ))}
        <b>{versionName(version)}</b>
      </Box>
      <Box sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>
        {version.base && named.length === 0
          ? words.baseAbout
          : `${named.join(", ") || words.nobody} · ${words.gets(reached)}`}
      </Box>
    </ButtonBase>
  );
}

interface CellProps {
  version: Schemas["VersionShown"];
  field: Field;
  onOpen: () => void;
  onFollow: () => void;
}

function Cell({ version, field, onOpen, onFollow }: CellProps) {
  const own = version.overrides.includes(field);
  return (
    <Box component="td" sx={{ p: 0, bgcolor: own ? "var(--z-ownWash)" : undefined, verticalAlign: "top" }}>
      <ButtonBase
        onClick={onOpen}
        onKeyDown={(event) => {
          if (event.key.toLowerCase() === "b" && own) {
            onFollow();
          }
        }}
        aria-label={words.edit({ field: words.fields[field], version: versionName(version) })}
        sx={{
          font: "inherit",
          display: "block",
          width: "100%",
          textAlign: "left",
          px: 1.5,
          py: 0.6,
          fontWeight: own ? 700 : 400,
          color: own || version.base ? "var(--z-ink)" : "var(--z-faint)",
          "&:hover": { boxShadow: "inset 0 0 0 1px var(--z-soft)" },
        }}
      >
        <FieldValue version={version} field={field} />
      </ButtonBase>
    </Box>
  );
}

function Students({ task }: { task: TaskView }) {
  return (
    <tr>
      <Box component="th" scope="row" sx={{ px: 1.5, py: 0.6, color: "var(--z-soft)" }}>
        {words.students}
      </Box>
      {task.versions.map((version) => (
        <Box component="td" key={version.id} sx={{ px: 1.5, py: 0.6, verticalAlign: "top", fontSize: 12.5 }}>
          {task.students
            .filter((each) => each.versionId === version.id)
            .map((each) => each.givenName)
            .join(", ") || words.empty}
        </Box>
      ))}
    </tr>
  );
}
