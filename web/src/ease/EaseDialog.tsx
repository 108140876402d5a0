import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import FormControlLabel from "@mui/material/FormControlLabel";
import Switch from "@mui/material/Switch";
import { useMutation } from "@tanstack/react-query";
import { api } from "../api/client";
import { easeQuery } from "../api/myQueries";
import { queryClient } from "../api/queryClient";
import { useLanguage } from "../languages/chosen";
import { allLanguages, type LanguageTag, languages } from "../languages/languages";
import { useNotice } from "../shell/Notice";
import { type Ease, useEase } from "./EaseProvider";
import { words } from "./words";

const languageNames = Object.fromEntries(allLanguages.map((tag) => [tag, languages[tag].name])) as Record<
  LanguageTag,
  string
>;

/** How the student likes to read; a choice holds at once. */
export default function EaseDialog({ onClose }: { onClose: () => void }) {
  const ease = useEase();
  const tell = useNotice();
  const keep = useMutation({
    mutationFn: (wanted: Ease) => api.PUT("/api/my/ease", { body: wanted }),
    onMutate: (wanted) => queryClient.setQueryData(easeQuery.queryKey, wanted),
    onError: (error) => tell(error.message),
  });
  const set = (change: Partial<Ease>) => keep.mutate({ ...ease, ...change });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="ease">
      <DialogTitle id="ease">{words.title}</DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 2, fontSize: "var(--z-text)" }}>
        <Box sx={{ p: 2, borderRadius: "12px", bgcolor: "var(--z-sunk)" }}>{words.example}</Box>
        <Choice
          label={words.language}
          names={languageNames}
          value={useLanguage()}
          onChoose={(language) => set({ language })}
        />
        <Choice
          label={words.textSize}
          names={words.sizes}
          value={ease.textSize}
          onChoose={(textSize) => set({ textSize })}
        />
        <Choice
          label={words.spacing}
          names={words.spacings}
          value={ease.spacing}
          onChoose={(spacing) => set({ spacing })}
        />
        <Choice
          label={words.typeface}
          names={words.typefaces}
          value={ease.typeface}
          onChoose={(typeface) => set({ typeface })}
        />
        <Choice
          label={words.colours}
          names={words.colourNames}
          value={ease.colours}
          onChoose={(colours) => set({ colours })}
        />
        <Toggle label={words.lineFocus} on={ease.lineFocus} onSet={(lineFocus) => set({ lineFocus })} />
        <Toggle
          label={words.clockHidden}
          on={ease.clockHidden}
          onSet={(clockHidden) => set({ clockHidden })}
        />
      </DialogContent>
      <DialogActions>
        <Button size="large" onClick={onClose}>
          {words.close}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

interface ChoiceProps<T extends string> {
  label: string;
  names: Record<T, string>;
  value: T;
  onChoose: (value: T) => void;
}

function Choice<T extends string>({ label, names, value, onChoose }: ChoiceProps<T>) {
  return (
    <Box role="radiogroup" aria-label={label}>
      <Box sx={{ fontWeight: 700, mb: 0.5 }}>{label}</Box>
      <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1 }}>
        {(Object.keys(names) as T[]).map((each) => (
          <Button
            key={each}
            role="radio"
            aria-checked={each === value}
            onClick={() => onChoose(each)}
            sx={{
              fontSize: "0.9em",
              minHeight: 44,
              fontWeight: each === value ? 700 : 400,
              "&&":
                each === value
                  ? { bgcolor: "var(--z-aubergineWash)", borderColor: "var(--z-aubergine)" }
                  : {},
            }}
          >
            {names[each]}
          </Button>
        ))}
      </Box>
    </Box>
  );
}

function Toggle({ label, on, onSet }: { label: string; on: boolean; onSet: (on: boolean) => void }) {
  return (
    <FormControlLabel
      control={<Switch checked={on} onChange={(event) => onSet(event.target.checked)} />}
      label={label}
      slotProps={{ typography: { sx: { fontSize: "inherit" } } }}
    />
  );
}
