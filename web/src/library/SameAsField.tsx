import Autocomplete from "@mui/material/Autocomplete";
import TextField from "@mui/material/TextField";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { findQuery } from "../api/queries";
import { useFocus } from "../shell/focus";
import { editorWords as words } from "./editorWords";
import type { ItemDraft } from "./itemDraft";

const MOST = 20;

interface Props {
  same: ItemDraft["same"];
  onChoose: (same: ItemDraft["same"]) => void;
}

/** Which text this one says over again in another language. */
export function SameAsField({ same, onChoose }: Props) {
  const { classId } = useFocus();
  const [typed, setTyped] = useState("");
  const found = useQuery({
    ...findQuery(classId, undefined, { kinds: ["TEXT"], words: typed }, MOST),
    placeholderData: keepPreviousData,
  }).data;
  return (
    <Autocomplete
      size="small"
      options={(found?.hits ?? []).map(({ id, title }) => ({ id, title }))}
      filterOptions={(all) => all}
      getOptionLabel={(item) => item.title}
      isOptionEqualToValue={(one, other) => one.id === other.id}
      value={same ?? null}
      onChange={(_, chosen) => onChoose(chosen ?? undefined)}
      onInputChange={(_, text, reason) => reason === "input" && setTyped(text)}
      renderInput={(params) => <TextField {...params} label={words.sameAs} helperText={words.sameAsHelp} />}
    />
  );
}
