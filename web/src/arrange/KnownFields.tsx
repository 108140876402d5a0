import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { classSkillsQuery, studentsScreenQuery, surveysQuery } from "../api/queries";
import { useFocus } from "../shell/focus";
import { ChooseMany } from "./ChooseMany";
import { words } from "./words";

interface FieldProps {
  asked: Schemas["ProposalAsked"];
  onChange: (asked: Schemas["ProposalAsked"]) => void;
}

/** What is to be spread evenly. */
export function TagsField({ asked, onChange }: FieldProps) {
  const { classId } = useFocus();
  const tags = useQuery(studentsScreenQuery(classId, {})).data?.choices.tags ?? [];
  return tags.length === 0 ? (
    <Box sx={{ alignSelf: "center", color: "var(--z-soft)" }}>{words.start.noTags}</Box>
  ) : (
    <ChooseMany
      label={words.start.tags}
      options={tags.map((tag) => [tag, tag])}
      chosen={asked.tags ?? []}
      onChange={(chosen) => onChange({ ...asked, tags: chosen })}
    />
  );
}

interface OneProps {
  label: string;
  none: string;
  options: [string, string][];
  value: string | undefined;
  onChoose: (value: string) => void;
}

function ChooseOne({ label, none, options, value, onChoose }: OneProps) {
  if (options.length === 0) {
    return <Box sx={{ alignSelf: "center", color: "var(--z-soft)" }}>{none}</Box>;
  }
  return (
    <TextField
      select
      label={label}
      value={value ?? ""}
      onChange={(event) => onChoose(event.target.value)}
      sx={{ width: 280 }}
    >
      {options.map(([key, text]) => (
        <MenuItem key={key} value={key}>
          {text}
        </MenuItem>
      ))}
    </TextField>
  );
}

/** The skill to group by. */
export function SkillField({ asked, onChange }: FieldProps) {
  const { classId } = useFocus();
  const skills = useQuery(classSkillsQuery(classId)).data ?? [];
  return (
    <ChooseOne
      label={words.start.skill}
      none={words.start.noSkills}
      options={skills.map((skill) => [skill, skill])}
      value={asked.skill}
      onChoose={(skill) => onChange({ ...asked, skill })}
    />
  );
}

/** The survey whose replies count. */
export function SurveyField({ asked, onChange }: FieldProps) {
  const { classId } = useFocus();
  const surveys = useQuery(surveysQuery(classId)).data ?? [];
  return (
    <ChooseOne
      label={words.start.survey}
      none={words.start.noSurveys}
      options={surveys.map((each) => [String(each.id), each.question])}
      value={asked.surveyId?.toString()}
      onChoose={(id) => onChange({ ...asked, surveyId: Number(id) })}
    />
  );
}

/** Whose groups are copied. */
export function CopyField({ bench, asked, onChange }: FieldProps & { bench: Schemas["BenchView"] }) {
  const { arrangements } = useFocus();
  return (
    <ChooseOne
      label={words.start.copyOf}
      none={words.none}
      options={arrangements
        .filter((each) => each.id !== bench.id && each.groups.length > 0)
        .map((each) => [String(each.id), each.name])}
      value={asked.copyOf?.toString()}
      onChoose={(id) => onChange({ ...asked, copyOf: Number(id) })}
    />
  );
}
