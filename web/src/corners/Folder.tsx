import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../api/client";
import { FileButton } from "../shell/FileButton";
import type { CornerDeeds } from "./useCornerDeeds";
import { words } from "./words";

interface Props {
  corner: Schemas["CornerShown"];
  deeds: CornerDeeds;
}

/** Files that the group shares. */
export function Folder({ corner, deeds }: Props) {
  return (
    <>
      {corner.files.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.noFiles}</Box>}
      {corner.files.map((file) => (
        <Box key={file.id} sx={{ display: "flex", alignItems: "center", gap: 1, py: 0.25 }}>
          <Box sx={{ flex: 1, minWidth: 0, overflowWrap: "anywhere" }}>
            <a href={`/api/corner-files/${file.id}`}>{file.name}</a>{" "}
            <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
              {words.size(file.size)} · {file.by}
            </Box>
          </Box>
          {corner.mayChange && (
            <Button
              size="small"
              variant="text"
              aria-label={words.takeAway({ name: file.name })}
              onClick={() => deeds.removeFile.mutate({ file, removed: true })}
            >
              ×
            </Button>
          )}
        </Box>
      ))}
      {corner.mayChange && (
        <FileButton
          size="small"
          sx={{ mt: 0.5 }}
          label={words.add}
          onFile={(file) => deeds.addFile.mutate({ cornerId: corner.card.id, file })}
        />
      )}
    </>
  );
}
