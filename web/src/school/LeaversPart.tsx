import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import TextField from "@mui/material/TextField";
import { queryOptions, useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { day } from "../shell/dates";
import { Problem } from "../shell/FormFoot";
import { useNotice } from "../shell/Notice";
import { leaverWords as words } from "./leaverWords";

const leaversQuery = (before: string) =>
  queryOptions({
    queryKey: ["school", "leavers", before],
    queryFn: () =>
      data<Schemas["Leaver"][]>(api.GET("/api/school/leavers", { params: { query: { before } } })),
    enabled: before !== "",
    staleTime: 0,
    retry: false,
  });

/** Who has left before a day: seen first, then erased together. */
export function LeaversPart() {
  const today = useQuery(classesQuery).data?.now.slice(0, 10) ?? "";
  const [before, setBefore] = useState("");
  const leavers = useQuery(leaversQuery(before));
  return (
    <Card sx={{ p: 2, maxWidth: 760 }}>
      <Box sx={{ color: "var(--z-soft)", mb: 1.5 }}>{words.about}</Box>
      <TextField
        type="date"
        label={words.before}
        value={before}
        onChange={(event) => setBefore(event.target.value)}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { max: today } }}
      />
      <Problem error={leavers.error} />
      {leavers.data?.length === 0 && <Box sx={{ mt: 1.5 }}>{words.none}</Box>}
      {leavers.data && leavers.data.length > 0 && (
        <Erase key={before} before={before} leavers={leavers.data} />
      )}
    </Card>
  );
}

function Erase({ before, leavers }: { before: string; leavers: Schemas["Leaver"][] }) {
  const tell = useNotice();
  const [kept, setKept] = useState<ReadonlySet<number>>(new Set());
  const [sure, setSure] = useState(false);
  const meant = leavers.filter((each) => !kept.has(each.id));
  const erase = useMutation({
    mutationFn: () =>
      api.POST("/api/school/leavers/erased", {
        body: { before, students: meant.map((each) => each.id) },
      }),
    onSuccess: () => tell(words.erased({ count: meant.length })),
    onSettled: () => queryClient.invalidateQueries({ queryKey: ["school"] }),
  });
  const toggle = (id: number) =>
    setKept((now) => new Set(now.has(id) ? [...now].filter((each) => each !== id) : [...now, id]));
  return (
    <>
      <Box component="ul" sx={{ listStyle: "none", p: 0, my: 1.5 }}>
        {leavers.map((each) => (
          <Box component="li" key={each.id} sx={{ borderTop: "1px solid var(--z-line)" }}>
            <FormControlLabel
              control={<Checkbox checked={!kept.has(each.id)} onChange={() => toggle(each.id)} />}
              label={
                <>
                  <b>{each.name}</b>{" "}
                  <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
                    {words.left(day(each.left), each.classes)}
                  </Box>
                </>
              }
            />
          </Box>
        ))}
      </Box>
      <FormControlLabel
        control={<Checkbox checked={sure} onChange={(_, on) => setSure(on)} />}
        label={words.sure}
        sx={{ display: "flex", mb: 1 }}
      />
      <Problem error={erase.error} />
      <Button
        variant="contained"
        disabled={!sure || meant.length === 0 || erase.isPending}
        onClick={() => erase.mutate()}
      >
        {words.erase({ count: meant.length })}
      </Button>
    </>
  );
}
