import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { type FormEvent, useState } from "react";
import { api } from "../api/client";
import { narrowingsQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

interface Props {
  search: URLSearchParams;
  onChoose: (query: string) => void;
}

/** Narrowings that were kept, to come back to, and keeping the one of now. */
export function SavedMenu({ search, onChoose }: Props) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const [naming, setNaming] = useState(false);
  const tell = useNotice();
  const saved = useQuery(narrowingsQuery).data ?? [];
  const refresh = () => queryClient.invalidateQueries({ queryKey: narrowingsQuery.queryKey });
  const keep = useMutation({
    mutationFn: (name: string) => api.PUT("/api/narrowings", { body: { name, query: search.toString() } }),
    onSuccess: (_, name) => {
      refresh();
      setNaming(false);
      tell(words.kept({ name }));
    },
    onError: (error) => tell(error.message),
  });
  const forget = useMutation({
    mutationFn: (narrowingId: number) =>
      api.DELETE("/api/narrowings/{narrowingId}", { params: { path: { narrowingId } } }),
    onSuccess: refresh,
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    keep.mutate(String(new FormData(event.currentTarget).get("name")));
  };
  const canKeep = search.toString() !== "";
  if (saved.length === 0 && !canKeep) {
    return null;
  }
  return (
    <>
      <Button
        aria-haspopup="menu"
        sx={{ fontWeight: 400 }}
        onClick={(event) => setAnchor(event.currentTarget)}
      >
        {words.saved}
      </Button>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={() => setAnchor(null)}>
        {saved.map((each) => (
          <MenuItem
            key={each.id}
            sx={{ gap: 2, justifyContent: "space-between" }}
            onClick={() => {
              setAnchor(null);
              onChoose(each.query);
            }}
          >
            {each.name}
            <Box
              component="button"
              aria-label={words.forget({ name: each.name })}
              onClick={(event: React.MouseEvent) => {
                event.stopPropagation();
                forget.mutate(each.id);
              }}
              sx={{
                border: 0,
                bgcolor: "transparent",
                font: "inherit",
                color: "var(--z-soft)",
                cursor: "pointer",
              }}
            >
              ✕
            </Box>
          </MenuItem>
        ))}
        {canKeep && (
          <MenuItem
            onClick={() => {
              setAnchor(null);
              setNaming(true);
            }}
          >
            {words.saveAs}
          </MenuItem>
        )}
      </Menu>
      <Dialog open={naming} onClose={() => setNaming(false)} aria-label={words.saveAs}>
        <Box
          component="form"
          onSubmit={submit}
          sx={{ p: 2.5, display: "flex", gap: 1.5, alignItems: "center" }}
        >
          <TextField
            name="name"
            label={words.saveName}
            autoFocus
            required
            slotProps={{ htmlInput: { maxLength: 80 } }}
          />
          <Button type="submit" variant="contained">
            {words.keep}
          </Button>
          <Button onClick={() => setNaming(false)}>{words.cancel}</Button>
        </Box>
      </Dialog>
    </>
  );
}
