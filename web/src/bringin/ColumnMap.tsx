import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { words } from "./words";

type ColumnUse = Schemas["ColumnUse"];

interface Props {
  preview: Schemas["Preview"];
  measures: Schemas["MeasureCard"][];
  onChange: (columns: ColumnUse[]) => void;
}

/** The head of the preview: every column of the file, and what it is taken for. */
export function ColumnMap({ preview, measures, onChange }: Props) {
  const uses = preview.columns.map((column) => column.use);
  const change = (changed: ColumnUse) =>
    onChange(uses.map((use) => (use.column === changed.column ? changed : use)));
  return (
    <thead>
      <tr>
        <th colSpan={100}>
          <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1.5, pb: 1 }}>
            {preview.columns.map((column) => (
              <ColumnField key={column.use.column} column={column} measures={measures} onChange={change} />
            ))}
          </Box>
        </th>
      </tr>
      <Box component="tr" sx={{ bgcolor: "var(--z-sunk)", "& th": { fontSize: 12.5 } }}>
        <th>{words.row}</th>
        <th>{words.name}</th>
        <th>{words.uses.GRADE}</th>
        {preview.columns
          .filter((column) => column.use.as === "SCORE")
          .map((column) => (
            <Box component="th" key={column.use.column} sx={{ "&&": { textAlign: "right" } }}>
              {column.name}
            </Box>
          ))}
        <th />
      </Box>
    </thead>
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
        border: "1px solid var(--z-line)",
        borderRadius: "8px",
        p: 1,
        display: "grid",
        gap: 0.5,
        fontWeight: 400,
        "& select, & input": fieldStyle,
      }}
    >
      <Box component="span">
        <b>{column.name || `${words.column} ${use.column + 1}`}</b>{" "}
        <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
          {column.samples.join(", ").slice(0, 40)}
        </Box>
      </Box>
      <Box component="span" sx={{ display: "flex", gap: 0.75, alignItems: "center" }}>
        {words.as}
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
