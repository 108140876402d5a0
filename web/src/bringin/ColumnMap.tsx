import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { Card } from "../shell/Card";
import { words } from "./words";

type ColumnUse = Schemas["ColumnUse"];

interface Props {
  preview: Schemas["Preview"];
  measures: Schemas["MeasureCard"][];
  onChange: (use: ColumnUse) => void;
}

/** What every column of the file is taken for, and why; each can be taken for something else. */
export function ColumnMap({ preview, measures, onChange }: Props) {
  return (
    <Card component="section" aria-label={words.howRead} sx={{ p: 2 }}>
      <Box component="h2" sx={{ fontSize: 15, m: 0 }}>
        {words.howRead}
      </Box>
      {preview.columns.map((column) => (
        <ColumnField key={column.use.column} column={column} measures={measures} onChange={onChange} />
      ))}
    </Card>
  );
}

interface FieldProps {
  column: Schemas["ListColumn"];
  measures: Schemas["MeasureCard"][];
  onChange: (use: ColumnUse) => void;
}

const fieldStyle = {
  font: "inherit",
  color: "inherit",
  bgcolor: "var(--z-card)",
  border: "1px solid var(--z-line)",
  borderRadius: "8px",
  p: 0.5,
};

const plainUses = [
  "GIVEN_NAME",
  "FAMILY_NAME",
  "FULL_NAME",
  "PREFERRED_NAME",
  "STUDENT_NUMBER",
  "GRADE",
  "HOME_CLASS",
  "LANGUAGE",
  "TAGS",
  "DATE",
  "SKILL",
  "TIME_FACTOR",
  "EXTRA_DAYS",
  "NEED",
  "NEED_AMOUNT",
  "NEED_DETAIL",
  "NEED_WORKS",
  "NEED_SUBJECTS",
  "NEED_FROM",
  "NEED_TO",
  "NEED_SOURCE",
  "NOTHING",
] as const;

function ColumnField({ column, measures, onChange }: FieldProps) {
  const use = column.use;
  const isNew = use.as === "SCORE" && use.measureId === undefined;
  const choose = (value: string) => onChange(chosenUse(column, value));
  return (
    <Box
      component="label"
      sx={{
        borderTop: "1px solid var(--z-line)",
        mt: 1,
        pt: 1,
        display: "grid",
        gridTemplateColumns: "minmax(0, 2fr) minmax(0, 3fr)",
        gap: 1,
        fontWeight: 400,
        "& select, & input": fieldStyle,
        "& select": { maxWidth: "100%" },
      }}
    >
      <Box component="span" sx={{ overflowWrap: "anywhere" }}>
        {column.name || `${words.column} ${use.column + 1}`}
        <Box component="span" sx={{ display: "block", color: "var(--z-soft)", fontSize: 12.5 }}>
          {column.samples.join(", ").slice(0, 40)}
        </Box>
      </Box>
      <Box component="span">
        <select
          aria-label={`${column.name} ${words.as}`}
          value={isNew ? "SCORE" : use.as === "SCORE" ? String(use.measureId) : use.as}
          onChange={(event) => choose(event.target.value)}
        >
          {plainUses.map((each) => (
            <option key={each} value={each}>
              {words.uses[each]}
            </option>
          ))}
          {measures.map((measure) => (
            <option key={measure.id} value={String(measure.id)}>
              {measure.name}
            </option>
          ))}
          <option value="SCORE">{words.uses.SCORE}</option>
        </select>
        {isNew && (
          <>
            {words.highest}
            <input
              type="number"
              min={1}
              aria-label={`${column.name}: ${words.highest}`}
              value={use.highest ?? ""}
              onChange={(event) => onChange({ ...use, highest: Number(event.target.value) })}
              style={{ width: 80 }}
            />
          </>
        )}
        <Box
          component="span"
          sx={{
            display: "block",
            color: column.sure ? "var(--z-soft)" : "var(--z-saffron)",
            fontSize: 12.5,
          }}
        >
          {column.sure ? column.why : words.unsure({ why: column.why })}
        </Box>
      </Box>
    </Box>
  );
}

function chosenUse(column: Schemas["ListColumn"], value: string): ColumnUse {
  const place = column.use.column;
  if (value === "SCORE") {
    return { column: place, as: "SCORE", newMeasure: column.name, highest: column.use.highest ?? 100 };
  }
  if (/^\d+$/.test(value)) {
    return { column: place, as: "SCORE", measureId: Number(value) };
  }
  return { column: place, as: value as ColumnUse["as"] };
}
