import ButtonBase from "@mui/material/ButtonBase";
import { words } from "./words";

export function StarButton({ title, on, onToggle }: { title: string; on: boolean; onToggle: () => void }) {
  return (
    <ButtonBase
      aria-label={words.star({ title })}
      aria-pressed={on}
      onClick={onToggle}
      sx={{ width: 36, height: 36, flex: "none", borderRadius: "50%" }}
    >
      <svg width="15" height="15" viewBox="0 0 16 16" aria-hidden="true">
        <path
          d="M8 0 10 5.5 16 6 11.5 10 13 16 8 12.5 3 16 4.5 10 0 6l6-.5Z"
          fill={on ? "var(--z-saffron)" : "var(--z-line)"}
        />
      </svg>
    </ButtonBase>
  );
}
