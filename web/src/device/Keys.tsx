import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { words } from "./words";

interface Props {
  /** The signs that can occur. */
  signs: string;
  columns: number;
  onSign: (sign: string) => void;
  onDelete: () => void;
}

/** Large keys on the page, for small fingers and for devices whose own keys cover what is typed. */
export function Keys({ signs, columns, onSign, onDelete }: Props) {
  const key = { minWidth: 0, minHeight: 44, px: 0, fontSize: 18, borderRadius: "10px" };
  return (
    <Box
      role="group"
      aria-label={words.keys}
      sx={{ display: "grid", gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))`, gap: 0.75 }}
    >
      {[...signs].map((sign) => (
        <Button key={sign} sx={key} onClick={() => onSign(sign)}>
          {sign}
        </Button>
      ))}
      <Button sx={key} aria-label={words.delete} onClick={onDelete}>
        ⌫
      </Button>
    </Box>
  );
}
