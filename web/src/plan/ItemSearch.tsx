import Box from "@mui/material/Box";
import TextField from "@mui/material/TextField";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { type ReactNode, useState } from "react";
import type { Schemas } from "../api/client";
import { findQuery } from "../api/queries";
import { useFocus } from "../shell/focus";
import { words } from "./words";

export interface FoundItem {
  id: number;
  title: string;
  level?: number;
}

interface Props {
  kinds: readonly Schemas["Hit"]["kind"][];
  /** Stands before what is found, however that is narrowed. */
  first: FoundItem[];
  children: (items: FoundItem[]) => ReactNode;
}

const MOST = 30;

/** The library within a dialog: a search field, and what it finds. */
export function ItemSearch({ kinds, first, children }: Props) {
  const { classId } = useFocus();
  const [text, setText] = useState("");
  const found = useQuery({
    ...findQuery(classId, undefined, { kinds: [...kinds], words: text }, MOST),
    placeholderData: keepPreviousData,
  }).data;
  const hits = (found?.hits ?? [])
    .filter((hit) => !first.some((each) => each.id === hit.id))
    .map((hit) => ({ id: hit.id, title: hit.title, level: hit.levelLow }));
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <TextField
        type="search"
        label={words.library.find}
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      {children([...first, ...hits])}
      {found && found.total > MOST && (
        <Box sx={{ color: "var(--z-soft)" }}>{words.library.more({ count: found.total - MOST })}</Box>
      )}
    </Box>
  );
}
