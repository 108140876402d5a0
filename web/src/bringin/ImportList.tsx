import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api, type Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { day, timeInZone } from "../shell/dates";
import { LongWork, useLongWork } from "../shell/LongWork";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

/** Takes an import back as one step. */
export function useUndoImport() {
  const tell = useNotice();
  const work = useLongWork();
  const undo = useMutation({
    mutationFn: (importId: number) =>
      work.run((headers) =>
        api.POST("/api/imports/{importId}/undo", { params: { path: { importId } }, headers }),
      ),
    onSuccess: () => {
      queryClient.invalidateQueries();
      tell(words.undone);
    },
    onError: (error) => tell(error.message),
  });
  return { ...undo, workKey: work.key };
}

export function ImportList({ imports, mayUndo }: { imports: Schemas["ImportShown"][]; mayUndo: boolean }) {
  const zone = useQuery(classesQuery).data?.zone ?? "UTC";
  const undo = useUndoImport();
  if (imports.length === 0) {
    return <Box sx={{ color: "var(--z-soft)" }}>{words.nothingYet}</Box>;
  }
  return (
    <Box component="ul" sx={{ listStyle: "none", p: 0, display: "grid", gap: 1 }}>
      {undo.workKey && (
        <li>
          <LongWork workKey={undo.workKey} />
        </li>
      )}
      {imports.map((each) => (
        <Box
          component="li"
          key={each.id}
          sx={{
            display: "flex",
            gap: 2,
            alignItems: "center",
            borderBottom: "1px solid var(--z-line)",
            pb: 1,
          }}
        >
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <b>{each.fileName || words.kinds[each.kind]}</b>{" "}
            <Box component="span" sx={{ color: "var(--z-soft)" }}>
              {day(each.takenAt)} {timeInZone(each.takenAt, zone)} · {each.by}
            </Box>
            <Box sx={{ fontSize: 12.5 }}>{each.summary}</Box>
          </Box>
          {each.undone && <Box sx={{ color: "var(--z-soft)" }}>{words.takenBack}</Box>}
          {!each.undone && mayUndo && (
            <Button disabled={undo.isPending} onClick={() => undo.mutate(each.id)}>
              {words.takeBack}
            </Button>
          )}
        </Box>
      ))}
    </Box>
  );
}
