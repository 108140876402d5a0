import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { measuresQuery } from "../api/queries";
import { editorWords as words } from "./editorWords";
import type { ItemDraft } from "./itemDraft";
import { SameAsField } from "./SameAsField";
import { words as libraryWords } from "./words";

const languagesOfTexts = ["en", "fr", "es", "de", "ar", "uk", "zh"];

interface Props {
  draft: ItemDraft;
  skills: ReadonlyMap<number, string>;
  onChange: (fields: Partial<ItemDraft>) => void;
}

type TextName = "minutes" | "levelLow" | "levelHigh" | "gradeLow" | "gradeHigh" | "licence";

/** By what it will be found. */
export function AboutFields({ draft, skills, onChange }: Props) {
  const measures = useQuery(measuresQuery).data ?? [];
  const text = (label: string, name: TextName) => (
    <TextField
      label={label}
      value={draft[name]}
      onChange={(event) => onChange({ [name]: event.target.value })}
    />
  );
  const role = (label: string, name: keyof ItemDraft["skills"]) => (
    <SkillsField
      label={label}
      skills={skills}
      chosen={draft.skills[name]}
      onChoose={(ids) => onChange({ skills: { ...draft.skills, [name]: ids } })}
    />
  );
  return (
    <>
      {role(words.trains, "TRAINS")}
      {role(words.needs, "NEEDS")}
      {role(words.prepares, "PREPARES")}
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
        {text(words.minutes, "minutes")}
        <TextField
          select
          label={words.language}
          value={draft.language}
          onChange={(event) => onChange({ language: event.target.value })}
        >
          {[...new Set([...languagesOfTexts, draft.language])].map((tag) => (
            <MenuItem key={tag} value={tag}>
              {libraryWords.language(tag)}
            </MenuItem>
          ))}
        </TextField>
      </Box>
      {draft.kind === "TEXT" && <SameAsField same={draft.same} onChoose={(same) => onChange({ same })} />}
      <Box sx={{ display: "grid", gridTemplateColumns: "1.6fr 1fr 1fr", gap: 1 }}>
        <TextField
          select
          label={words.levelMeasure}
          value={draft.levelMeasureId ?? ""}
          onChange={(event) =>
            onChange(
              event.target.value === ""
                ? { levelMeasureId: undefined, levelLow: "", levelHigh: "" }
                : { levelMeasureId: Number(event.target.value) },
            )
          }
          slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
        >
          <MenuItem value="">{words.noLevel}</MenuItem>
          {measures.map((measure) => (
            <MenuItem key={measure.id} value={measure.id}>
              {measure.name}
            </MenuItem>
          ))}
        </TextField>
        {text(words.levelLow, "levelLow")}
        {text(words.levelHigh, "levelHigh")}
      </Box>
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
        {text(words.gradeLow, "gradeLow")}
        {text(words.gradeHigh, "gradeHigh")}
      </Box>
      <Autocomplete
        multiple
        freeSolo
        size="small"
        options={[] as string[]}
        value={draft.tags}
        onChange={(_, tags) => onChange({ tags })}
        renderInput={(params) => <TextField {...params} label={words.tags} helperText={words.tagsHelp} />}
      />
      <TextField
        select
        label={words.visibility}
        value={draft.visibility}
        onChange={(event) => onChange({ visibility: event.target.value as ItemDraft["visibility"] })}
      >
        {Object.entries(words.visibilities).map(([each, name]) => (
          <MenuItem key={each} value={each}>
            {name}
          </MenuItem>
        ))}
      </TextField>
      {text(words.licence, "licence")}
    </>
  );
}

interface SkillsProps {
  label: string;
  skills: ReadonlyMap<number, string>;
  chosen: number[];
  onChoose: (ids: number[]) => void;
}

export function SkillsField({ label, skills, chosen, onChoose }: SkillsProps) {
  return (
    <Autocomplete
      multiple
      size="small"
      options={[...skills.keys()]}
      getOptionLabel={(id) => skills.get(id) ?? ""}
      value={chosen}
      onChange={(_, ids) => onChoose(ids)}
      renderInput={(params) => <TextField {...params} label={label} />}
    />
  );
}
