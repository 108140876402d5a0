import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import type { Schemas } from "../../api/client";
import { wordsOf } from "../../languages/words";

type Category = Schemas["CategoryEdit"];
const W = wordsOf("progress-marks", "settings");

interface Props {
  categories: Category[];
  onChange: (categories: Category[]) => void;
}

/** Kinds of work and what they weigh. */
export function CategoryFields({ categories, onChange }: Props) {
  const set = (place: number, change: Partial<Category>) =>
    onChange(categories.map((each, i) => (i === place ? { ...each, ...change } : each)));
  return (
    <Box component="section" sx={{ display: "grid", gap: 1 }}>
      <Box component="h3" sx={{ fontSize: 14 }}>
        {W.categories}
      </Box>
      <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{W.categoriesAbout}</Box>
      {categories.map((each, i) => (
        <Box key={i} sx={{ display: "flex", gap: 1 }}>
          <TextField
            size="small"
            sx={{ flex: 1 }}
            value={each.name}
            onChange={(event) => set(i, { name: event.target.value })}
            slotProps={{ htmlInput: { "aria-label": W.name, maxLength: 80 } }}
          />
          <TextField
            size="small"
            type="number"
            sx={{ width: 90 }}
            value={each.weight}
            onChange={(event) => set(i, { weight: Number(event.target.value) })}
            slotProps={{ htmlInput: { "aria-label": W.weight, min: 0, max: 1000 } }}
          />
          <Button
            variant="text"
            aria-label={W.remove({ name: each.name })}
            onClick={() => onChange(categories.filter((_, place) => place !== i))}
          >
            ×
          </Button>
        </Box>
      ))}
      <Box>
        <Button size="small" onClick={() => onChange([...categories, { name: "", weight: 50 }])}>
          {W.add}
        </Button>
      </Box>
    </Box>
  );
}
