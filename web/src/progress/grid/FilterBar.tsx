import Box from "@mui/material/Box";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import { markingQuery } from "../../api/progressQueries";
import { useFocus } from "../../shell/focus";
import type { Filter, When, Which } from "./gridFilter";
import { words } from "./words";

const whens: When[] = ["FOUR", "TWO", "ALL"];
const whiches: Which[] = ["ALL", "OPEN", "LATE", "LOW", "TO_MARK", "NOW"];

interface Props {
  filter: Filter;
  onFilter: (filter: Filter) => void;
}

/** Weeks, kind of work and state; the group is narrowed to by the bar below. */
export function FilterBar({ filter, onFilter }: Props) {
  const { classId } = useFocus();
  const categories = useQuery(markingQuery(classId)).data?.categories ?? [];
  return (
    <Box className="no-print" sx={{ display: "flex", gap: 1, pb: 1, flexWrap: "wrap" }}>
      <Choice
        label={words.when.label}
        value={filter.when}
        onChange={(when) => onFilter({ ...filter, when: when as When })}
        options={whens.map((each) => [each, words.when[each]])}
      />
      {categories.length > 1 && (
        <Choice
          label={words.category}
          value={String(filter.category ?? "")}
          onChange={(category) => onFilter({ ...filter, category: category ? Number(category) : undefined })}
          options={[
            ["", words.allCategories],
            ...categories.map(({ id, name }) => [String(id), name] as const),
          ]}
        />
      )}
      <Choice
        label={words.state.label}
        value={filter.which}
        onChange={(which) => onFilter({ ...filter, which: which as Which })}
        options={whiches.map((each) => [each, words.state[each]])}
      />
    </Box>
  );
}

interface ChoiceProps {
  label: string;
  value: string;
  onChange: (value: string) => void;
  options: (readonly [value: string, name: string])[];
}

function Choice({ label, value, onChange, options }: ChoiceProps) {
  return (
    <TextField
      select
      size="small"
      value={value}
      onChange={(event) => onChange(event.target.value)}
      slotProps={{ htmlInput: { "aria-label": label }, select: { displayEmpty: true } }}
      sx={{ "& .MuiSelect-select": { py: 0.4, fontSize: 13 } }}
    >
      {options.map(([each, name]) => (
        <MenuItem key={each} value={each}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
}
