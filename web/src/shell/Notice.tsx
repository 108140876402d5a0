import Button from "@mui/material/Button";
import Portal from "@mui/material/Portal";
import Snackbar from "@mui/material/Snackbar";
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";
import { words } from "./words";

const TO_READ_MS = 8_000;
/** Long enough to look at what became of it first. */
const TO_UNDO_MS = 15_000;

interface Shown {
  number: number;
  sentence: string;
  undo?: () => void;
}

type Tell = (sentence: string, undo?: () => void) => void;

const NoticeContext = createContext<Tell | null>(null);

/** Says what happened in one sentence, with Undo in it where it can be undone. */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Shown | null>(null);
  const tell = useCallback<Tell>(
    (sentence, undo) => setShown((before) => ({ sentence, undo, number: (before?.number ?? 0) + 1 })),
    [],
  );
  const close = () => setShown(null);
  const action = useMemo(
    () =>
      shown?.undo && (
        <Button
          size="small"
          variant="contained"
          onClick={() => {
            shown.undo?.();
            setShown(null);
          }}
        >
          {words.undo}
        </Button>
      ),
    [shown],
  );
  return (
    <NoticeContext.Provider value={tell}>
      {children}
      {/* In a place of its own, so that a dialog that is open does not hide it from those who listen. */}
      {shown && (
        <Portal>
          <Snackbar
            // One that follows another stays as long as if it came alone.
            key={shown.number}
            open
            message={shown.sentence}
            action={action}
            autoHideDuration={shown.undo ? TO_UNDO_MS : TO_READ_MS}
            onClose={(_, reason) => reason !== "clickaway" && close()}
            anchorOrigin={{ vertical: "bottom", horizontal: "center" }}
            sx={{ mb: 13 }}
          />
        </Portal>
      )}
    </NoticeContext.Provider>
  );
}

export function useNotice(): Tell {
  const tell = useContext(NoticeContext);
  if (!tell) {
    throw new Error("useNotice is used outside NoticeProvider");
  }
  return tell;
}
