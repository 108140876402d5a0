import Button, { type ButtonProps } from "@mui/material/Button";
import { useRef } from "react";

interface Props extends Pick<ButtonProps, "size" | "sx"> {
  label: string;
  onFile: (file: File) => void;
}

/** Asks for a file of this machine; the same one can be chosen twice in a row. */
export function FileButton({ label, onFile, ...look }: Props) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <input
        ref={input}
        type="file"
        className="visually-hidden"
        tabIndex={-1}
        aria-label={label}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) {
            onFile(file);
          }
          event.target.value = "";
        }}
      />
      <Button {...look} onClick={() => input.current?.click()}>
        {label}
      </Button>
    </>
  );
}
