import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { moved, orderOf } from "./answers";
import { Html } from "./Html";
import type { FieldProps } from "./QuestionField";
import { words } from "./words";

/** Parts that are moved up and down until they stand in order. */
export function Ordering({ sheet, given, onGive }: FieldProps) {
  const order = orderOf(sheet, given);
  return (
    <>
      <Box sx={{ mb: 1, color: "var(--z-soft)" }}>{words.order}</Box>
      <Box component="ol" sx={{ listStyle: "none", p: 0, m: 0, display: "grid", gap: 1 }}>
        {order.map((place, i) => {
          const part = sheet.parts.find((each) => each.place === place);
          return (
            part && (
              <Box
                key={place}
                component="li"
                sx={{
                  display: "flex",
                  alignItems: "center",
                  gap: 1.5,
                  p: 1,
                  px: 2,
                  borderRadius: "12px",
                  bgcolor: "var(--z-card)",
                  border: "1px solid var(--z-line)",
                }}
              >
                <Box sx={{ color: "var(--z-soft)", width: 20 }}>{i + 1}</Box>
                <Html html={part.html} component="span" sx={{ flex: 1 }} />
                <Move
                  label={words.up(part.text)}
                  disabled={i === 0}
                  onMove={() => onGive(moved(order, i, -1))}
                >
                  ↑
                </Move>
                <Move
                  label={words.down(part.text)}
                  disabled={i === order.length - 1}
                  onMove={() => onGive(moved(order, i, 1))}
                >
                  ↓
                </Move>
              </Box>
            )
          );
        })}
      </Box>
    </>
  );
}

interface MoveProps {
  label: string;
  disabled: boolean;
  onMove: () => void;
  children: string;
}

function Move({ label, disabled, onMove, children }: MoveProps) {
  return (
    <Button
      aria-label={label}
      disabled={disabled}
      onClick={onMove}
      sx={{ minWidth: 44, minHeight: 40, px: 1 }}
    >
      {children}
    </Button>
  );
}
