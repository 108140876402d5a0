import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useEffect, useRef, useState } from "react";
import { api, data, filePart, type Schemas } from "../api/client";
import { skillsQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { LongWork, useLongWork } from "../shell/LongWork";
import { useNotice } from "../shell/Notice";
import { Problem } from "../shell/Problem";
import { editorWords } from "./editorWords";
import { packageWords as words } from "./packageWords";
import { nameSkills } from "./skillNames";

type Report = Schemas["Report"];
type Visibility = Schemas["Taking"]["visibility"];

function send(path: "preview" | "take", form: FormData, headers: Record<string, string>) {
  const options = { body: form as never, bodySerializer: (body: unknown) => body as never, headers };
  return data<Report>(
    path === "preview"
      ? api.POST("/api/library/packages/preview", options)
      : api.POST("/api/library/packages", options),
  );
}

interface Props {
  /** Absent where it is for no class. */
  classId: number | undefined;
  /** The file, where it was chosen already. */
  given?: File;
  onClose: () => void;
}

/** Shows what a package holds, then takes it; what cannot be taken is said item by item. */
export function BringInPackage({ classId, given, onClose }: Props) {
  const [file, setFile] = useState<File | null>(given ?? null);
  const [visibility, setVisibility] = useState<Visibility>("SCHOOL");
  const [skillId, setSkill] = useState<number>();
  const skills = nameSkills(useQuery(skillsQuery).data);
  const input = useRef<HTMLInputElement>(null);
  const tell = useNotice();
  const work = useLongWork();
  const look = useMutation({
    mutationFn: (chosen: File) => {
      const form = new FormData();
      form.append("file", chosen);
      return work.run((headers) => send("preview", form, headers));
    },
  });
  const { mutate: lookAt } = look;
  useEffect(() => {
    if (given) {
      lookAt(given);
    }
  }, [given, lookAt]);
  const undo = useMutation({
    mutationFn: (ids: number[]) => api.POST("/api/library/items/deleted", { body: { ids } }),
    onSuccess: (_, ids) => {
      queryClient.invalidateQueries({ queryKey: ["library"] });
      tell(words.back({ count: ids.length }));
    },
    onError: (error) => tell(error.message),
  });
  const take = useMutation({
    mutationFn: (chosen: File) => {
      const wanted = { visibility, classId: visibility === "CLASS" ? classId : undefined, skillId };
      return work.run((headers) => send("take", filePart(chosen, wanted), headers));
    },
    onSuccess: (report) => {
      queryClient.invalidateQueries({ queryKey: ["library"] });
      tell(words.taken({ count: report.ids.length }), () => undo.mutate(report.ids));
      onClose();
    },
  });
  const report = look.data;
  const problem = look.error ?? take.error;
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="package-title">
      <DialogTitle id="package-title">{words.title}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5 }}>
        <Box sx={{ color: "var(--z-soft)" }}>{words.about}</Box>
        <Box sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
          <input
            ref={input}
            type="file"
            accept=".zip,.imscc,application/zip"
            className="visually-hidden"
            tabIndex={-1}
            aria-label={words.choose}
            onChange={(event) => {
              const chosen = event.target.files?.[0];
              event.target.value = "";
              if (chosen) {
                setFile(chosen);
                look.mutate(chosen);
              }
            }}
          />
          <Button onClick={() => input.current?.click()}>{file ? words.another : words.choose}</Button>
          {file?.name}
        </Box>
        <Problem error={problem} />
        <LongWork workKey={work.key} />
        {report && <Contents report={report} />}
        {report && report.items.length > 0 && (
          <TextField
            select
            label={editorWords.visibility}
            value={visibility}
            onChange={(event) => setVisibility(event.target.value as Visibility)}
          >
            {Object.entries(editorWords.visibilities)
              .filter(([each]) => each !== "CLASS" || classId)
              .map(([each, name]) => (
                <MenuItem key={each} value={each}>
                  {name}
                </MenuItem>
              ))}
          </TextField>
        )}
        {report && report.items.length > 0 && skills.size > 0 && (
          <Autocomplete
            size="small"
            options={[...skills.keys()]}
            getOptionLabel={(id) => skills.get(id) ?? ""}
            value={skillId ?? null}
            onChange={(_, id) => setSkill(id ?? undefined)}
            renderInput={(params) => (
              <TextField {...params} label={words.skill} helperText={words.skillHelp} />
            )}
          />
        )}
      </DialogContent>
      <DialogActions>
        <Button onClick={onClose}>{words.cancel}</Button>
        {report && file && (
          <Button
            variant="contained"
            disabled={report.items.length === 0 || take.isPending}
            onClick={() => take.mutate(file)}
          >
            {words.take({ count: report.items.length })}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

function Contents({ report }: { report: Report }) {
  return (
    <>
      <Box component="section">
        <Box component="h3">{words.holds}</Box>
        {report.items.length === 0 && words.nothing}
        <Box component="ul" sx={{ pl: 2.5, maxHeight: 260, overflow: "auto" }}>
          {report.items.map((item, i) => (
            <li key={i}>
              <b>{item.title}</b> · {words.item(item)}
            </li>
          ))}
        </Box>
      </Box>
      <Findings title={words.changed} findings={report.changed} />
      <Findings title={words.leftOut} findings={report.leftOut} />
    </>
  );
}

function Findings({ title, findings }: { title: string; findings: Schemas["Finding"][] }) {
  if (findings.length === 0) {
    return null;
  }
  return (
    <Box component="section">
      <Box component="h3">{title}</Box>
      <Box component="ul" sx={{ pl: 2.5, maxHeight: 180, overflow: "auto" }}>
        {findings.map((finding, i) => (
          <li key={i}>
            <Box component="span" sx={{ color: "var(--z-soft)", overflowWrap: "anywhere" }}>
              {finding.where}:
            </Box>{" "}
            {finding.why}
          </li>
        ))}
      </Box>
    </Box>
  );
}
