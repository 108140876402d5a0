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
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { measuresQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { typedNumber } from "../languages/numbers";
import { SkillsField } from "../library/AboutFields";
import { nameSkills } from "../library/skillNames";
import { useNotice } from "../shell/Notice";
import { SeenByField } from "../shell/SeenByField";
import { isFor, useKeeping } from "../shell/sharing";
import { codesOf, linesOfCodes } from "./codes";
import { words } from "./words";

interface Props {
  skill: Schemas["SkillShown"] | undefined;
  book: Schemas["SkillList"];
  onClose: () => void;
}

/** Writes a skill, changes it, or puts it away. A circle of prerequisites is refused with its names. */
export function SkillDialog({ skill, book, onClose }: Props) {
  const strandOf = book.strands.find((strand) => strand.skills.some((each) => each.id === skill?.id));
  const [name, setName] = useState(skill?.name ?? "");
  const [strand, setStrand] = useState(strandOf?.name ?? "");
  const [grade, setGrade] = useState(skill?.grade === undefined ? "" : String(skill.grade));
  const [description, setDescription] = useState(skill?.description ?? "");
  const [before, setBefore] = useState<number[]>(skill?.prerequisites ?? []);
  const [codes, setCodes] = useState(linesOfCodes(skill?.codes ?? []));
  const [measureId, setMeasureId] = useState<number | "">(skill?.screenMeasureId ?? "");
  const [cut, setCut] = useState(skill?.screenCut === undefined ? "" : String(skill.screenCut));
  const { keeps, classes } = useKeeping();
  const was = skill && (skill.classId ?? null);
  const [classId, setClassId] = useState(was === undefined ? (keeps ? null : classes[0]?.id) : was);
  const measures = (useQuery(measuresQuery).data ?? []).filter(isFor(classId ?? undefined));
  const others = nameSkills(book);
  others.delete(skill?.id ?? 0);
  const tell = useNotice();
  const refresh = () => queryClient.invalidateQueries();
  const keep = useMutation({
    mutationFn: () => {
      const body: Schemas["SkillEdit"] = {
        name,
        strand,
        grade: grade === "" ? undefined : Number(grade),
        description,
        prerequisites: before,
        codes: codesOf(codes),
        screenMeasureId: measureId === "" ? undefined : measureId,
        screenCut: measureId === "" || cut === "" ? undefined : typedNumber(cut),
        classId: classId ?? undefined,
        version: skill?.version,
      };
      return data<Schemas["SkillShown"]>(
        skill
          ? api.PUT("/api/skills/{skillId}", { params: { path: { skillId: skill.id } }, body })
          : api.POST("/api/skills", { body }),
      );
    },
    onSuccess: () => {
      refresh();
      tell(words.kept({ name }));
      onClose();
    },
    onError: (error) => tell(error.message),
  });
  const restore = useMutation({
    mutationFn: (id: number) => api.POST("/api/skills/restored", { body: { ids: [id] } }),
    onSuccess: refresh,
    onError: (error) => tell(error.message),
  });
  const remove = useMutation({
    mutationFn: (id: number) => api.DELETE("/api/skills/{skillId}", { params: { path: { skillId: id } } }),
    onSuccess: (_, id) => {
      refresh();
      tell(words.removed({ name }), () => restore.mutate(id));
      onClose();
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="skill-title">
      <DialogTitle id="skill-title">
        {skill ? words.editTitle({ name: skill.name }) : words.newTitle}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5, "&&": { pt: 1 } }}>
        <TextField
          autoFocus
          label={words.fields.name}
          value={name}
          onChange={(e) => setName(e.target.value)}
        />
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 100px", gap: 1 }}>
          <Autocomplete
            freeSolo
            size="small"
            options={book.strands.map((each) => each.name).filter((each) => each !== "")}
            inputValue={strand}
            onInputChange={(_, value) => setStrand(value)}
            renderInput={(params) => <TextField {...params} label={words.fields.strand} />}
          />
          <TextField
            label={words.fields.grade}
            value={grade}
            onChange={(event) => setGrade(event.target.value)}
          />
        </Box>
        <SeenByField was={was} value={classId} onChoose={setClassId} />
        <SkillsField
          label={words.fields.prerequisites}
          skills={others}
          chosen={before}
          onChoose={setBefore}
        />
        <TextField
          multiline
          label={words.fields.description}
          value={description}
          onChange={(event) => setDescription(event.target.value)}
        />
        <TextField
          multiline
          label={words.fields.codes}
          value={codes}
          onChange={(event) => setCodes(event.target.value)}
        />
        <Box sx={{ display: "grid", gridTemplateColumns: "1fr 140px", gap: 1 }}>
          <TextField
            select
            label={words.fields.screenMeasure}
            value={measureId}
            onChange={(event) => setMeasureId(event.target.value === "" ? "" : Number(event.target.value))}
            slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
          >
            <MenuItem value="">{words.fields.noScreening}</MenuItem>
            {measures.map((measure) => (
              <MenuItem key={measure.id} value={measure.id}>
                {measure.name}
              </MenuItem>
            ))}
          </TextField>
          {measureId !== "" && (
            <TextField
              label={words.fields.screenCut}
              value={cut}
              onChange={(event) => setCut(event.target.value)}
            />
          )}
        </Box>
      </DialogContent>
      <DialogActions>
        {skill && (
          <Button variant="text" onClick={() => remove.mutate(skill.id)}>
            {words.remove}
          </Button>
        )}
        <Box sx={{ flex: 1 }} />
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button variant="contained" disabled={!name.trim() || keep.isPending} onClick={() => keep.mutate()}>
          {words.keep}
        </Button>
      </DialogActions>
    </Dialog>
  );
}
