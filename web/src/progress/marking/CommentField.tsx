import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data } from "../../api/client";
import { phrasesQuery } from "../../api/progressQueries";
import { queryClient } from "../../api/queryClient";
import { words } from "./words";

interface Props {
  label: string;
  value: string;
  onKeep: (text: string) => void;
}

/** What is said of an answer, with one's own phrases at hand; kept when the field is left. */
export function CommentField({ label, value, onKeep }: Props) {
  const [text, setText] = useState(value);
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const phrases = useQuery(phrasesQuery).data ?? [];
  const keepPhrase = useMutation({
    mutationFn: (phrase: string) => data(api.POST("/api/phrases", { body: { words: phrase } })),
    onSuccess: (now) => queryClient.setQueryData(phrasesQuery.queryKey, now),
  });
  const drop = useMutation({
    mutationFn: (phraseId: number) =>
      data(api.DELETE("/api/phrases/{phraseId}", { params: { path: { phraseId } } })),
    onSuccess: (now) => queryClient.setQueryData(phrasesQuery.queryKey, now),
  });
  const keep = (next: string) => {
    if (next !== value) {
      onKeep(next);
    }
  };
  return (
    <Box sx={{ display: "grid", gap: 0.5, my: 0.5 }}>
      <TextField
        size="small"
        multiline
        label={label}
        value={text}
        onChange={(event) => setText(event.target.value)}
        onBlur={() => keep(text)}
        slotProps={{ htmlInput: { maxLength: 4000 } }}
      />
      <Box sx={{ display: "flex", gap: 0.5 }}>
        <Button
          variant="text"
          size="small"
          aria-haspopup="menu"
          onClick={(event) => setAnchor(event.currentTarget)}
        >
          {words.phrases}
        </Button>
        {text.trim() !== "" && !phrases.some((each) => each.words === text.trim()) && (
          <Button variant="text" size="small" onClick={() => keepPhrase.mutate(text.trim())}>
            {words.keepPhrase}
          </Button>
        )}
      </Box>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {phrases.length === 0 && <MenuItem disabled>{words.noPhrases}</MenuItem>}
        {phrases.map((each) => (
          <MenuItem
            key={each.id}
            onClick={() => {
              const next = [text.trim(), each.words].filter(Boolean).join(" ");
              setText(next);
              keep(next);
              setAnchor(null);
            }}
          >
            <Box sx={{ flex: 1 }}>{each.words}</Box>
            <Button
              variant="text"
              size="small"
              aria-label={words.dropPhrase({ phrase: each.words })}
              onClick={(event) => {
                event.stopPropagation();
                if (each.id !== undefined) {
                  drop.mutate(each.id);
                }
              }}
            >
              ×
            </Button>
          </MenuItem>
        ))}
      </Menu>
    </Box>
  );
}
