import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useState } from "react";
import { words } from "./words";

interface Props {
  what: string;
  value: string | undefined;
  choices: readonly { value: string; label: string }[];
  onChange: (value: string | undefined) => void;
}

/** One thing to narrow by: a chip that opens what there is to choose. */
export function ChoiceChip({ what, value, choices, onChange }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  // With one choice for everybody there is nothing to narrow.
  if (choices.length < 2 && value === undefined) {
    return null;
  }
  const chosen = choices.find((each) => each.value === value);
  const choose = (next: string | undefined) => {
    setAnchor(null);
    onChange(next);
  };
  return (
    <>
      <Button
        aria-haspopup="menu"
        onClick={(event) => setAnchor(event.currentTarget)}
        sx={value === undefined ? { fontWeight: 400 } : { boxShadow: "0 0 0 2px var(--z-ink)" }}
      >
        {value === undefined ? what : (chosen?.label ?? value)} ▾
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        <MenuItem selected={value === undefined} onClick={() => choose(undefined)}>
          {words.any({ what })}
        </MenuItem>
        {choices.map((each) => (
          <MenuItem key={each.value} selected={each.value === value} onClick={() => choose(each.value)}>
            {each.label}
          </MenuItem>
        ))}
      </Menu>
    </>
  );
}
