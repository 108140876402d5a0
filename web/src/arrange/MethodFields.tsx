import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { classSkillsQuery, studentsScreenQuery, surveysQuery } from "../api/queries";
import { useFocus } from "../shell/focus";
import { ChooseMany } from "./ChooseMany";
import { useMeasuresToChoose } from "./useMeasuresToChoose";
import { words } from "./words";

type Asked = Schemas["ProposalAsked"];
type Method = Asked["method"];

const byOneMeasure = new Set<Method>(["SIMILAR", "BANDS", "SAME_SIZE"]);
const byMeasures = new Set<Method>(["COMPOSITE", "PROFILES", "MIXED"]);
const ofNumber = new Set<Method>([
  "SIMILAR",
  "SAME_SIZE",
  "COMPOSITE",
  "PROFILES",
  "MIXED",
  "RANDOM",
  "NEEDS",
  "BY_HAND",
]);
const ofSizes = new Set<Method>(["SIMILAR", "BANDS", "COMPOSITE", "PROFILES", "CHOICES"]);

/** Whether the teacher has yet to choose what the method goes by; the server is asked only then. */
export function lacksSomething(asked: Asked): boolean {
  const measures = asked.measures?.length ?? 0;
  switch (asked.method) {
    case "COMPOSITE":
      return measures < 1;
    case "PROFILES":
      return measures < 2;
    case "MIXED":
      return measures + (asked.tags?.length ?? 0) < 1;
    case "SKILL":
      return asked.skill === undefined;
    case "CHOICES":
      return asked.surveyId === undefined;
    case "COPY":
      return asked.copyOf === undefined;
    default:
      return false;
  }
}

interface Props {
  bench: Schemas["BenchView"];
  asked: Asked;
  onChange: (asked: Asked) => void;
}

/** How to start, and what that method needs to know. */
export function MethodFields({ bench, asked, onChange }: Props) {
  const measures = useMeasuresToChoose();
  const number = (label: string, field: "groups" | "smallest" | "largest") => (
    <TextField
      type="number"
      label={label}
      value={asked[field]}
      onChange={(event) => onChange({ ...asked, [field]: Number(event.target.value) })}
      slotProps={{ htmlInput: { min: 1 } }}
      sx={{ width: 130 }}
    />
  );
  return (
    <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", pt: 1 }}>
      <TextField
        select
        label={words.start.method}
        value={asked.method}
        onChange={(event) => onChange({ ...asked, method: event.target.value as Method })}
        sx={{ width: 240 }}
      >
        {(Object.keys(words.methods) as Method[]).map((method) => (
          <MenuItem key={method} value={method}>
            {words.methods[method]}
          </MenuItem>
        ))}
      </TextField>
      {byOneMeasure.has(asked.method) && (
        <TextField
          select
          label={words.measure}
          value={measures.length > 0 ? asked.measureId : ""}
          onChange={(event) => onChange({ ...asked, measureId: Number(event.target.value) })}
          sx={{ width: 220 }}
        >
          {measures.map((measure) => (
            <MenuItem key={measure.id} value={measure.id}>
              {measure.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      {byMeasures.has(asked.method) && (
        <ChooseMany
          label={words.start.measures}
          options={measures.map((each) => [String(each.id), each.name])}
          chosen={(asked.measures ?? []).map((each) => String(each.measureId))}
          onChange={(ids) =>
            onChange({ ...asked, measures: ids.map((id) => ({ measureId: Number(id), weight: 1 })) })
          }
        />
      )}
      {asked.method === "MIXED" && <TagsField asked={asked} onChange={onChange} />}
      {asked.method === "SKILL" && <SkillField asked={asked} onChange={onChange} />}
      {asked.method === "CHOICES" && <SurveyField asked={asked} onChange={onChange} />}
      {asked.method === "COPY" && <CopyField bench={bench} asked={asked} onChange={onChange} />}
      {ofNumber.has(asked.method) &&
        number(asked.method === "NEEDS" ? words.start.atMost : words.start.groups, "groups")}
      {ofSizes.has(asked.method) && number(words.start.smallest, "smallest")}
      {ofSizes.has(asked.method) && number(words.start.largest, "largest")}
    </Box>
  );
}

type FieldProps = Omit<Props, "bench">;

function TagsField({ asked, onChange }: FieldProps) {
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

function SkillField({ asked, onChange }: FieldProps) {
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

function SurveyField({ asked, onChange }: FieldProps) {
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

function CopyField({ bench, asked, onChange }: Props) {
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
