import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useState } from "react";
import { Link } from "react-router";
import { ApiProblem } from "../api/client";
import { BringInPackage } from "../library/BringInPackage";
import { BringInSkills } from "../skills/BringInSkills";
import { words } from "./words";

interface Props {
  error: Error | null;
  file: File | null;
  classId: number | undefined;
}

/** Where a file that is no list is brought in: the way there, with the file in hand. */
export function OtherDoor({ error, file, classId }: Props) {
  const [open, setOpen] = useState(false);
  const code = error instanceof ApiProblem ? error.code : "";
  if (!file || (code !== "file-is-package" && code !== "file-is-skills" && code !== "file-is-bundle")) {
    return null;
  }
  if (code === "file-is-bundle") {
    return (
      <Box>
        <Button component={Link} to="/school/lists">
          {words.toSchool}
        </Button>
      </Box>
    );
  }
  const isPackage = code === "file-is-package";
  return (
    <Box>
      <Button variant="contained" onClick={() => setOpen(true)}>
        {isPackage ? words.toLibrary : words.toSkills}
      </Button>
      {open && isPackage && <BringInPackage classId={classId} given={file} onClose={() => setOpen(false)} />}
      {open && !isPackage && <BringInSkills given={file} onClose={() => setOpen(false)} />}
    </Box>
  );
}
