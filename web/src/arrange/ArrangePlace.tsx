import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Dialog from "@mui/material/Dialog";
import DialogActions from "@mui/material/DialogActions";
import DialogContent from "@mui/material/DialogContent";
import DialogTitle from "@mui/material/DialogTitle";
import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import dayjs from "dayjs";
import { type FormEvent, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { classesQuery, putAwayQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card, PlaceHead } from "../shell/Card";
import { day } from "../shell/dates";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { useNotice } from "../shell/Notice";
import { useMayChange } from "../shell/role";
import { PeriodFields } from "./PeriodFields";
import { SharedWithUs } from "./SharedWithUs";
import { useMeasuresToChoose } from "./useMeasuresToChoose";
import { words } from "./words";

export default function ArrangePlace() {
  const { arrangements, classId } = useFocus();
  const mayChange = useMayChange();
  // From Progress one comes with a measure, to make an arrangement by it.
  const byMeasure = useSearchParams()[0].get("measure");
  const [making, setMaking] = useState(byMeasure !== null);
  return (
    <>
      <PlaceHead title={words.title} about={words.about}>
        <Button component={Link} to={`/classes/${classId}/corners`}>
          {words.corners}
        </Button>
        {mayChange && (
          <Button variant="contained" onClick={() => setMaking(true)}>
            {words.newArrangement}
          </Button>
        )}
      </PlaceHead>
      {arrangements.length === 0 && <Box sx={{ py: 1 }}>{words.none}</Box>}
      <Box sx={{ display: "grid", gridTemplateColumns: "repeat(auto-fill, minmax(340px, 1fr))", gap: 1.5 }}>
        {arrangements.map((each) => (
          <Card
            key={each.id}
            component={Link}
            {...{ to: `/classes/${classId}/arrange/${each.id}` }}
            sx={{
              p: 2,
              color: "inherit",
              textDecoration: "none",
              "&:hover": { borderColor: "var(--z-soft)" },
            }}
          >
            <Box component="h2" sx={{ fontSize: 16 }}>
              {each.name}
            </Box>
            <Box sx={{ color: "var(--z-soft)" }}>
              {each.subject} · {day(each.beginsOn)} – {day(each.endsOn)} ·{" "}
              {words.cardAbout(each.groups.length, each.notPlaced)}
            </Box>
            <Box sx={{ display: "flex", gap: 1.5, mt: 1, flexWrap: "wrap" }}>
              {each.groups.map((group) => (
                <Box key={group.id} component="span" sx={{ display: "flex", gap: 0.5, alignItems: "center" }}>
                  <GroupShape look={group.look} size={12} /> {group.name} {group.members.length}
                </Box>
              ))}
            </Box>
          </Card>
        ))}
      </Box>
      {mayChange && <SharedWithUs classId={classId} />}
      {mayChange && <PutAway classId={classId} />}
      {making && <NewArrangement by={byMeasure} onClose={() => setMaking(false)} />}
    </>
  );
}

/** Arrangements that were deleted; each can be brought back. */
function PutAway({ classId }: { classId: number }) {
  const away = useQuery(putAwayQuery(classId)).data ?? [];
  const tell = useNotice();
  const restore = useMutation({
    mutationFn: ({ id }: Schemas["PutAway"]) =>
      api.POST("/api/arrangements/{arrangementId}/restored", { params: { path: { arrangementId: id } } }),
    onSuccess: (_, { name }) => {
      queryClient.invalidateQueries({ queryKey: ["class"] });
      tell(words.putAway.restored({ name }));
    },
    onError: (error) => tell(error.message),
  });
  return away.length === 0 ? null : (
    <Box component="section" sx={{ mt: 3 }}>
      <Box component="h2" sx={{ fontSize: 14, color: "var(--z-soft)" }}>
        {words.putAway.heading}
      </Box>
      {away.map((each) => (
        <Box key={each.id} sx={{ display: "flex", alignItems: "center", gap: 1.5 }}>
          {each.name}
          <Box component="span" sx={{ color: "var(--z-soft)" }}>
            {words.putAway.on({ day: day(each.on) })}
          </Box>
          <Button size="small" onClick={() => restore.mutate(each)}>
            {words.putAway.restore}
          </Button>
        </Box>
      ))}
    </Box>
  );
}

function NewArrangement({ by, onClose }: { by: string | null; onClose: () => void }) {
  const { classId } = useFocus();
  const measures = useMeasuresToChoose();
  const first = measures.find((each) => String(each.id) === by) ?? measures[0];
  const now = useQuery(classesQuery).data?.now;
  const navigate = useNavigate();
  const tell = useNotice();
  const make = useMutation({
    mutationFn: (body: Schemas["NewArrangement"]) =>
      data<Schemas["MadeArrangement"]>(
        api.POST("/api/classes/{classId}/arrangements", { params: { path: { classId } }, body }),
      ),
    onSuccess: async ({ id }) => {
      await queryClient.invalidateQueries({ queryKey: ["class", classId, "arrangements"] });
      navigate(`/classes/${classId}/arrange/${id}?start`);
    },
    onError: (error) => tell(error.message),
  });
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const fields = new FormData(event.currentTarget);
    const field = (name: string) => String(fields.get(name) ?? "");
    make.mutate({
      name: field("name"),
      subject: field("subject"),
      beginsOn: field("beginsOn"),
      endsOn: field("endsOn"),
      measureId: Number(field("measureId")),
    });
  };
  return (
    <Dialog open onClose={onClose} aria-labelledby="new-arrangement">
      <form onSubmit={submit}>
        <DialogTitle id="new-arrangement">{words.newArrangement}</DialogTitle>
        <DialogContent sx={{ display: "grid", gap: 2, gridTemplateColumns: "1fr 1fr", "&&": { pt: 1 } }}>
          {measures.length === 0 && <Box sx={{ gridColumn: "span 2" }}>{words.noMeasure}</Box>}
          <TextField name="name" label={words.name} required autoFocus />
          <TextField name="subject" label={words.subject} required />
          <PeriodFields
            beginsOn={dayjs(now).format("YYYY-MM-DD")}
            endsOn={dayjs(now).add(6, "week").format("YYYY-MM-DD")}
          />
          <TextField
            // Chosen beforehand also where the measures come in after the dialog has opened.
            key={first?.id}
            name="measureId"
            select
            label={words.measure}
            required
            defaultValue={first?.id ?? ""}
            sx={{ gridColumn: "span 2" }}
          >
            {measures.map((measure) => (
              <MenuItem key={measure.id} value={measure.id}>
                {measure.name}
              </MenuItem>
            ))}
          </TextField>
        </DialogContent>
        <DialogActions>
          <Button onClick={onClose}>{words.cancel}</Button>
          <Button type="submit" variant="contained" disabled={make.isPending || measures.length === 0}>
            {words.make}
          </Button>
        </DialogActions>
      </form>
    </Dialog>
  );
}
