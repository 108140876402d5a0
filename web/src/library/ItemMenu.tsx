import IconButton from "@mui/material/IconButton";
import Menu from "@mui/material/Menu";
import MenuItem from "@mui/material/MenuItem";
import { useMutation } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

/** What is done with an item now and then. */
export function ItemMenu({ item, classId }: { item: Schemas["ItemView"]; classId: number }) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const navigate = useNavigate();
  const tell = useNotice();
  const refresh = () => queryClient.invalidateQueries({ queryKey: ["library"] });
  const path = { itemId: item.id };
  const remove = useMutation({
    mutationFn: () => api.DELETE("/api/library/items/{itemId}", { params: { path } }),
    onSuccess: () => {
      refresh();
      tell(words.removed({ title: item.title }), () => restore.mutate());
    },
    onError: (error) => tell(error.message),
  });
  const restore = useMutation({
    mutationFn: () => api.POST("/api/library/items/restored", { body: { ids: [item.id] } }),
    onSuccess: refresh,
    onError: (error) => tell(error.message),
  });
  const copy = useMutation({
    mutationFn: () =>
      data<Schemas["ItemView"]>(api.POST("/api/library/items/{itemId}/copies", { params: { path } })),
    onSuccess: (made) => {
      refresh();
      tell(words.copied({ title: made.title }));
      navigate(`/classes/${classId}/library/items/${made.id}`);
    },
    onError: (error) => tell(error.message),
  });
  const close = () => setAnchor(null);
  const packageAt = (version: string) => `/api/library/packages?items=${item.id}&version=${version}`;
  return (
    <>
      <IconButton
        size="small"
        aria-haspopup="menu"
        aria-label={`${words.moreDeeds}: ${item.title}`}
        onClick={(event) => setAnchor(event.currentTarget)}
        className="no-print"
      >
        ⋯
      </IconButton>
      <Menu anchorEl={anchor} open={anchor !== null} onClose={close}>
        {item.mayEdit && (
          <MenuItem component={Link} to={`/classes/${classId}/library/items/${item.id}`}>
            {words.edit}
          </MenuItem>
        )}
        <MenuItem
          onClick={() => {
            close();
            copy.mutate();
          }}
        >
          {words.copy}
        </MenuItem>
        <MenuItem component="a" href={packageAt("3.0")} onClick={close}>
          {words.give}
        </MenuItem>
        <MenuItem component="a" href={packageAt("2.1")} onClick={close}>
          {words.giveOld}
        </MenuItem>
        {item.mayEdit && (
          <MenuItem
            onClick={() => {
              close();
              remove.mutate();
            }}
          >
            {words.remove}
          </MenuItem>
        )}
      </Menu>
    </>
  );
}
