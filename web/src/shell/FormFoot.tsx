import Box from "@mui/material/Box";
import Button from "@mui/material/Button";

/** The sentence of what cannot be done, read out as it appears. */
export function Problem({ error }: { error: Error | null }) {
  return (
    error && (
      <Box role="alert" sx={{ color: "var(--z-clayText)", gridColumn: "1 / -1" }}>
        {error.message}
      </Box>
    )
  );
}

interface Props {
  deed: { error: Error | null; isPending: boolean };
  words: { keep: string; cancel: string };
  onCancel: () => void;
  /** Whether Enter keeps at once, because everything is filled in already. */
  focusKeep?: boolean;
}

/** The end of a dialog's form: what is wrong, then keep and cancel. */
export function FormFoot({ deed, words, onCancel, focusKeep }: Props) {
  return (
    <>
      <Problem error={deed.error} />
      <Box sx={{ display: "flex", gap: 1, gridColumn: "1 / -1" }}>
        <Button type="submit" variant="contained" autoFocus={focusKeep} disabled={deed.isPending}>
          {words.keep}
        </Button>
        <Button onClick={onCancel}>{words.cancel}</Button>
      </Box>
    </>
  );
}
