import Box from "@mui/material/Box";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../../api/client";
import { languagesQuery } from "../../api/progressQueries";
import { Card } from "../../shell/Card";
import { isOfStudents, type ReportKind, type ReportWish } from "./wish";
import { words } from "./words";

const kinds = (): ReportKind[] => Object.keys(words.kinds) as ReportKind[];
const parts = ["work", "mark", "growth"] as const;

interface Props {
  wish: ReportWish;
  onWish: (wish: ReportWish) => void;
  /** As the server took them. */
  shown: Schemas["ReportShown"] | undefined;
  students: Schemas["ProgressRow"][];
}

/** What is to be written, about whom, and of which days. */
export function ReportForm({ wish, onWish, shown, students }: Props) {
  const languages = useQuery(languagesQuery).data ?? [];
  const set = (change: Partial<ReportWish>) => onWish({ ...wish, ...change });
  return (
    <Card
      component="form"
      className="no-print"
      onSubmit={(event) => event.preventDefault()}
      sx={{
        p: 2,
        width: 270,
        flex: "none",
        overflow: "auto",
        display: "grid",
        gap: 1.75,
        alignContent: "start",
      }}
    >
      <TextField
        select
        label={words.kind}
        value={wish.kind}
        onChange={(event) => set({ kind: event.target.value as ReportKind, from: undefined, to: undefined })}
        helperText={words.about[wish.kind]}
      >
        {kinds().map((each) => (
          <MenuItem key={each} value={each}>
            {words.kinds[each]}
          </MenuItem>
        ))}
      </TextField>
      {isOfStudents(wish.kind) && (
        <TextField
          select
          label={words.whom}
          value={wish.students ?? []}
          onChange={(event) => {
            const chosen = (event.target.value as unknown as number[]).filter(Boolean);
            set({ students: chosen.length > 0 ? chosen : undefined });
          }}
          slotProps={{
            select: { multiple: true, displayEmpty: true, renderValue: () => forWhom(wish, students) },
            inputLabel: { shrink: true },
          }}
        >
          {students.map((each) => (
            <MenuItem key={each.id} value={each.id}>
              {each.givenName} {each.familyName}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Box sx={{ display: "grid", gridTemplateColumns: "1fr 1fr", gap: 1 }}>
        {(["from", "to"] as const).map((end) => (
          <TextField
            key={end}
            size="small"
            type="date"
            label={words[end]}
            value={wish[end] ?? shown?.[end] ?? ""}
            onChange={(event) => set({ [end]: event.target.value || undefined })}
            slotProps={{ inputLabel: { shrink: true }, htmlInput: { sx: { px: 1, fontSize: 12.5 } } }}
          />
        ))}
      </Box>
      <TextField
        select
        label={words.language}
        value={wish.language ?? ""}
        onChange={(event) => set({ language: event.target.value || undefined })}
        slotProps={{ select: { displayEmpty: true }, inputLabel: { shrink: true } }}
      >
        {isOfStudents(wish.kind) && <MenuItem value="">{words.ownLanguage}</MenuItem>}
        {!isOfStudents(wish.kind) && <MenuItem value="">{languages[0]?.name}</MenuItem>}
        {languages.map((each) => (
          <MenuItem key={each.code} value={each.code}>
            {each.name}
          </MenuItem>
        ))}
      </TextField>
      {(wish.kind === "FAMILY_LETTER" || wish.kind === "GROUP_REPORT") && (
        <Box>
          {parts.map((part) => (
            <FormControlLabel
              key={part}
              label={words.parts[part]}
              control={
                <Checkbox
                  size="small"
                  checked={wish[part] ?? true}
                  onChange={(_, on) => set({ [part]: on })}
                />
              }
            />
          ))}
        </Box>
      )}
      <TextField
        multiline
        minRows={3}
        label={wish.kind === "CERTIFICATE" ? words.reason : words.ownWords}
        defaultValue={wish.ownWords ?? ""}
        onBlur={(event) => set({ ownWords: event.target.value })}
        slotProps={{ htmlInput: { maxLength: 600 } }}
      />
    </Card>
  );
}

function forWhom(wish: ReportWish, students: Schemas["ProgressRow"][]): string {
  const names = students.filter((each) => wish.students?.includes(each.id)).map((each) => each.givenName);
  return names.length > 0 ? names.join(", ") : words.everyone;
}
