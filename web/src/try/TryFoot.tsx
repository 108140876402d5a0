import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { words } from "./words";

interface Props {
  place: number;
  count: number;
  all: boolean;
  flagged: boolean;
  handingIn: boolean;
  onAll: () => void;
  onFlag: () => void;
  onPlace: (place: number) => void;
  onHandIn: () => void;
}

/** Back, look again, next; hand in at the end, or whenever one likes. */
export function TryFoot({ place, count, all, flagged, handingIn, onAll, onFlag, onPlace, onHandIn }: Props) {
  const last = all || place >= count - 1;
  return (
    <Box data-silent sx={{ display: "flex", flexWrap: "wrap", alignItems: "center", gap: 1 }}>
      {!all && count > 1 && (
        <Button size="large" disabled={place === 0} onClick={() => onPlace(place - 1)}>
          {words.back}
        </Button>
      )}
      {!all && count > 0 && (
        <Button
          variant="text"
          aria-pressed={flagged}
          onClick={onFlag}
          sx={{ fontSize: "0.94em", minHeight: 44 }}
        >
          ⚑ {flagged ? words.unflag : words.flag}
        </Button>
      )}
      {count > 1 && (
        <Button variant="text" onClick={onAll} sx={{ fontSize: "0.94em", minHeight: 44 }}>
          {all ? words.oneByOne : words.allAtOnce}
        </Button>
      )}
      <Box sx={{ flex: 1 }} />
      {!last && (
        <Button size="large" disabled={handingIn} onClick={onHandIn}>
          {words.handIn}
        </Button>
      )}
      <Button
        size="large"
        variant="contained"
        disabled={handingIn}
        onClick={() => (last ? onHandIn() : onPlace(place + 1))}
      >
        {last ? words.handIn : words.next}
      </Button>
    </Box>
  );
}
