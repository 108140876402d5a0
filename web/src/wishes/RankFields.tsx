import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { words } from "./words";

interface Props {
  options: readonly { id: number; words: string }[];
  ranked: readonly number[];
  onChange: (ranked: number[]) => void;
}

/** First, second and third choice, each a different one. */
export function RankFields({ options, ranked, onChange }: Props) {
  const places = Math.min(3, options.length, ranked.length + 1);
  const choose = (place: number, id: number) =>
    onChange(
      [...ranked.slice(0, place), id, ...ranked.slice(place + 1)].filter(
        (each, i, all) => all.indexOf(each) === i,
      ),
    );
  return (
    <>
      {Array.from({ length: places }, (_, place) => (
        <TextField
          key={words.choices[place]}
          select
          label={words.rank(place)}
          value={ranked[place] ?? ""}
          onChange={(event) => choose(place, Number(event.target.value))}
        >
          {options
            .filter((option) => !ranked.includes(option.id) || ranked[place] === option.id)
            .map((option) => (
              <MenuItem key={option.id} value={option.id}>
                {option.words}
              </MenuItem>
            ))}
        </TextField>
      ))}
    </>
  );
}
