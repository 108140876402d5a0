import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../api/client";
import { ChooseMany } from "./ChooseMany";
import { CopyField, SkillField, SurveyField, TagsField } from "./KnownFields";
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
      sx={{ width: 122 }}
    />
  );
  return (
    <Box sx={{ display: "flex", gap: 1.5, flexWrap: "wrap", pt: 1 }}>
      <TextField
        select
        label={words.start.method}
        value={asked.method}
        onChange={(event) => onChange({ ...asked, method: event.target.value as Method })}
        sx={{ width: 210 }}
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
          sx={{ width: 210 }}
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
