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

const beside = { display: { xs: "none", sm: "inline" } } as const;

/** Back, look again, next; hand in at the end, or whenever one likes. It stays in sight, however long the page is. */
export function TryFoot({ place, count, all, flagged, handingIn, onAll, onFlag, onPlace, onHandIn }: Props) {
  const last = all || place >= count - 1;
  const flag = flagged ? words.unflag : words.flag;
  return (
    <Box
      data-silent
      sx={{
        display: "flex",
        flexWrap: "wrap",
        alignItems: "center",
        gap: { xs: 0.75, sm: 1 },
        flex: "none",
        px: { xs: 1.5, md: 3 },
        py: 1,
        bgcolor: "var(--z-paper)",
        borderTop: { xs: "1px solid var(--z-line)", md: "none" },
        "& .MuiButton-root.MuiButton-root": { px: { xs: 1.5, sm: 3 }, minWidth: 44 },
      }}
    >
      {!all && count > 1 && (
        <Button size="large" disabled={place === 0} onClick={() => onPlace(place - 1)}>
          {words.back}
        </Button>
      )}
      {!all && count > 0 && (
        <Button
          variant="text"
          aria-label={flag}
          aria-pressed={flagged}
          onClick={onFlag}
          sx={{ fontSize: "0.94em", minHeight: 44 }}
        >
          ⚑
          <Box component="span" sx={beside}>
            &nbsp;{flag}
          </Box>
        </Button>
      )}
      {count > 1 && <AllAtOnce all={all} onAll={onAll} where={beside} />}
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

interface AllProps {
  all: boolean;
  onAll: () => void;
  where: object;
}

/** One question at a time, or all of them. */
export function AllAtOnce({ all, onAll, where }: AllProps) {
  return (
    <Button variant="text" onClick={onAll} sx={{ fontSize: "0.94em", minHeight: 44, ...where }}>
      {all ? words.oneByOne : words.allAtOnce}
    </Button>
  );
}
