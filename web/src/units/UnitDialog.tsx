import Autocomplete from "@mui/material/Autocomplete";
import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import IconButton from "@mui/material/IconButton";
import TextField from "@mui/material/TextField";
import { keepPreviousData, useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { findQuery, skillsQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { SkillsField } from "../library/AboutFields";
import { nameSkills } from "../library/skillNames";
import { words as libraryWords } from "../library/words";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  unit: Schemas["UnitShown"] | undefined;
  classId: number;
  onClose: () => void;
}

interface Item {
  id: number;
  title: string;
}

/** Makes a unit, changes it, or puts it away. */
export function UnitDialog({ unit, classId, onClose }: Props) {
  const [title, setTitle] = useState(unit?.title ?? "");
  const [about, setAbout] = useState(unit?.about ?? "");
  const [beginsOn, setBeginsOn] = useState(unit?.beginsOn ?? "");
  const [items, setItems] = useState<Item[]>(unit?.items ?? []);
  const [needed, setNeeded] = useState<number[]>(unit?.skills ?? []);
  const skills = nameSkills(useQuery(skillsQuery).data);
  const tell = useNotice();
  const refresh = () => queryClient.invalidateQueries({ queryKey: ["library"] });
  const keep = useMutation({
    mutationFn: () => {
      const body = {
        title,
        about,
        beginsOn: beginsOn || undefined,
        items: items.map((item) => item.id),
        skills: needed,
        version: unit?.version,
      };
      return data(
        unit
          ? api.PUT("/api/library/units/{unitId}", { params: { path: { unitId: unit.id } }, body })
          : api.POST("/api/library/units", { body }),
      );
    },
    onSuccess: () => {
      refresh();
      tell(words.kept({ title }));
      onClose();
    },
    onError: (error) => tell(error.message),
  });
  const path = { unitId: unit?.id ?? 0 };
  const restore = useMutation({
    mutationFn: () => api.POST("/api/library/units/{unitId}/restored", { params: { path } }),
    onSuccess: refresh,
  });
  const remove = useMutation({
    mutationFn: () => api.DELETE("/api/library/units/{unitId}", { params: { path } }),
    onSuccess: () => {
      refresh();
      tell(words.removed({ title }), () => restore.mutate());
      onClose();
    },
    onError: (error) => tell(error.message),
  });
  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="unit-title">
      <DialogTitle id="unit-title">
        {unit ? words.editTitle({ title: unit.title }) : words.newTitle}
      </DialogTitle>
      <DialogContent sx={{ display: "grid", gap: 1.5, "&&": { pt: 1 } }}>
        <TextField
          autoFocus
          label={words.fields.title}
          value={title}
          onChange={(e) => setTitle(e.target.value)}
        />
        <TextField
          multiline
          label={words.fields.about}
          value={about}
          onChange={(event) => setAbout(event.target.value)}
        />
        <TextField
          type="date"
          label={words.fields.beginsOn}
          value={beginsOn}
          onChange={(event) => setBeginsOn(event.target.value)}
          slotProps={{ inputLabel: { shrink: true } }}
          sx={{ width: 180 }}
        />
        <SkillsField label={words.fields.skills} skills={skills} chosen={needed} onChoose={setNeeded} />
        <ItemsInOrder items={items} onChange={setItems} />
        <FindItem classId={classId} onFound={(item) => setItems([...items, item])} taken={items} />
      </DialogContent>
      <DialogActions>
        {unit && (
          <Button variant="text" onClick={() => remove.mutate()}>
            {words.remove}
          </Button>
        )}
        <Box sx={{ flex: 1 }} />
        <Button onClick={onClose}>{words.cancel}</Button>
        <Button variant="contained" disabled={!title.trim() || keep.isPending} onClick={() => keep.mutate()}>
          {words.keep}
        </Button>
      </DialogActions>
    </Dialog>
  );
}

function ItemsInOrder({ items, onChange }: { items: Item[]; onChange: (items: Item[]) => void }) {
  const move = (from: number, by: number) => {
    const next = [...items];
    const [taken] = next.splice(from, 1);
    if (taken) {
      next.splice(from + by, 0, taken);
      onChange(next);
    }
  };
  return (
    <Box component="section">
      <Box component="h3">{words.fields.items}</Box>
      <Box component="ol" sx={{ pl: 3, m: 0 }}>
        {items.map((item, i) => (
          <li key={item.id}>
            <Box sx={{ display: "flex", alignItems: "center" }}>
              <Box sx={{ flex: 1 }}>{item.title}</Box>
              <IconButton
                size="small"
                aria-label={words.up({ title: item.title })}
                disabled={i === 0}
                onClick={() => move(i, -1)}
              >
                ↑
              </IconButton>
              <IconButton
                size="small"
                aria-label={words.down({ title: item.title })}
                disabled={i === items.length - 1}
                onClick={() => move(i, 1)}
              >
                ↓
              </IconButton>
              <IconButton
                size="small"
                aria-label={words.takeOut({ title: item.title })}
                onClick={() => onChange(items.filter((each) => each.id !== item.id))}
              >
                ×
              </IconButton>
            </Box>
          </li>
        ))}
      </Box>
    </Box>
  );
}

interface FindProps {
  classId: number;
  taken: Item[];
  onFound: (item: Item) => void;
}

function FindItem({ classId, taken, onFound }: FindProps) {
  const [text, setText] = useState("");
  const found = useQuery({
    ...findQuery(classId, undefined, { words: text }, 20),
    placeholderData: keepPreviousData,
  });
  const hits = (found.data?.hits ?? []).filter((hit) => !taken.some((item) => item.id === hit.id));
  return (
    <Autocomplete
      size="small"
      options={hits}
      value={null}
      inputValue={text}
      onInputChange={(_, value, reason) => setText(reason === "reset" ? "" : value)}
      // The server has found what meets the words already.
      filterOptions={(options) => options}
      getOptionLabel={(hit) => hit.title}
      getOptionKey={(hit) => hit.id}
      renderOption={({ key, ...props }, hit) => (
        <li key={key} {...props}>
          {hit.title} · {libraryWords.kinds[hit.kind]}
        </li>
      )}
      onChange={(_, hit) => hit && onFound({ id: hit.id, title: hit.title })}
      renderInput={(params) => <TextField {...params} label={words.find} />}
    />
  );
}
