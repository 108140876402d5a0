import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { queryOptions, useMutation, useQuery } from "@tanstack/react-query";
import { api, data } from "../api/client";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

const backupsQuery = queryOptions({
  queryKey: ["school", "backups"],
  queryFn: () => data(api.GET("/api/school/backups")),
});

/** All of the school in one file: made at night and on demand, the newest fourteen kept. */
export function BackupsPart() {
  const all = useQuery(backupsQuery).data;
  const tell = useNotice();
  const make = useMutation({
    mutationFn: () => data(api.POST("/api/school/backups")),
    onSuccess: ({ name }) => tell(words.backups.made({ name })),
    onError: (error) => tell(error.message),
    onSettled: () => queryClient.invalidateQueries({ queryKey: ["school", "backups"] }),
  });
  if (!all) {
    return <Waiting />;
  }
  return (
    <Card sx={{ p: 2, maxWidth: 640 }}>
      <Box sx={{ color: "var(--z-soft)", mb: 1.5 }}>{words.backups.about}</Box>
      <Button variant="contained" disabled={make.isPending} onClick={() => make.mutate()}>
        {make.isPending ? words.backups.making : words.backups.make}
      </Button>
      {all.map((backup) => (
        <Box
          key={backup.name}
          sx={{ display: "flex", gap: 2, py: 0.75, borderTop: "1px solid var(--z-line)", mt: 0.75 }}
        >
          <Box sx={{ flex: 1 }}>
            <a href={`/api/school/backups/${backup.name}`}>{backup.name}</a>
          </Box>
          <Box sx={{ color: "var(--z-soft)" }}>{words.backups.size(backup.size)}</Box>
        </Box>
      ))}
      {all.length === 0 && <Box sx={{ mt: 1.5 }}>{words.backups.none}</Box>}
    </Card>
  );
}
