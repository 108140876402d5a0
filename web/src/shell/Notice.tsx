import Button from "@mui/material/Button";
import Portal from "@mui/material/Portal";
import Snackbar from "@mui/material/Snackbar";
import { createContext, type ReactNode, useCallback, useContext, useMemo, useState } from "react";
import { words } from "./words";

interface Shown {
  sentence: string;
  undo?: () => void;
}

type Tell = (sentence: string, undo?: () => void) => void;

const NoticeContext = createContext<Tell | null>(null);

/** Says what happened in one sentence, with Undo in it where it can be undone. */
export function NoticeProvider({ children }: { children: ReactNode }) {
  const [shown, setShown] = useState<Shown | null>(null);
  const tell = useCallback<Tell>((sentence, undo) => setShown({ sentence, undo }), []);
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
            open
            message={shown.sentence}
            action={action}
            autoHideDuration={8000}
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
