import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import { useQuery } from "@tanstack/react-query";
import { importsQuery } from "../api/queries";
import { ImportList } from "../bringin/ImportList";
import { words } from "./words";

interface Props {
  classId: number;
  mayChange: boolean;
  onClose: () => void;
}

/** What was brought into the class so far, each taken back as one step. */
export function PastImports({ classId, mayChange, onClose }: Props) {
  const imports = useQuery(importsQuery(classId)).data ?? [];
  return (
    <Dialog open onClose={onClose} maxWidth="md" fullWidth>
      <DialogTitle>{words.past.replace("…", "")}</DialogTitle>
      <DialogContent>
        <ImportList imports={imports} mayUndo={mayChange} />
        <Box sx={{ mt: 2 }}>
          <Button onClick={onClose}>{words.close}</Button>
        </Box>
      </DialogContent>
    </Dialog>
  );
}
