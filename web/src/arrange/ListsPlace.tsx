import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import Checkbox from "@mui/material/Checkbox";
import FormControlLabel from "@mui/material/FormControlLabel";
import ToggleButton from "@mui/material/ToggleButton";
import ToggleButtonGroup from "@mui/material/ToggleButtonGroup";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useParams } from "react-router";
import type { Schemas } from "../api/client";
import { privateListQuery, wallListQuery } from "../api/queries";
import { Card, PlaceHead } from "../shell/Card";
import { day } from "../shell/dates";
import { NotPrinted } from "../shell/NotPrinted";
import { rangeText, scoreText } from "../shell/score";
import { Waiting } from "../shell/Waiting";
import { words } from "./words";

interface Wanted {
  kind: "wall" | "private";
  pageEach: boolean;
  notes: boolean;
  figures: boolean;
  needs: boolean;
}

/** Lists of groups as they will be on paper: one for the wall, one for the teacher. */
export default function ListsPlace() {
  const { classId, arrangementId } = useParams();
  const id = Number(arrangementId);
  const [wanted, setWanted] = useState<Wanted>({
    kind: "wall",
    pageEach: false,
    notes: false,
    figures: false,
    needs: false,
  });
  const { kind, ...rest } = wanted;
  const query = new URLSearchParams(Object.entries(rest).map(([key, on]) => [key, String(on)]));
  return (
    <>
      <Box className="no-print">
        <PlaceHead title={words.lists.title}>
          <Button component={Link} to={`/classes/${classId}/arrange/${id}`}>
            {words.lists.back}
          </Button>
          <Button href={`/api/arrangements/${id}/${kind}-list.pdf?${query}`} target="_blank" rel="noreferrer">
            {words.lists.pdf}
          </Button>
          <Button variant="contained" onClick={() => window.print()}>
            {words.lists.print}
          </Button>
        </PlaceHead>
        <Choices wanted={wanted} onChange={setWanted} />
        <NotPrinted classId={Number(classId)} />
      </Box>
      <Card
        sx={{
          p: 4,
          maxWidth: 760,
          "@media print": { border: 0, p: 0, maxWidth: "none" },
          "& section": { breakInside: "avoid", breakAfter: wanted.pageEach ? "page" : "auto", mb: 3 },
        }}
      >
        {kind === "wall" ? (
          <WallList id={id} large={wanted.pageEach} />
        ) : (
          <PrivateList id={id} wanted={wanted} />
        )}
      </Card>
    </>
  );
}

function Choices({ wanted, onChange }: { wanted: Wanted; onChange: (wanted: Wanted) => void }) {
  const tick = (key: "pageEach" | "notes" | "figures" | "needs") => (
    <FormControlLabel
      label={words.lists[key]}
      control={<Checkbox checked={wanted[key]} onChange={(_, on) => onChange({ ...wanted, [key]: on })} />}
    />
  );
  return (
    <Box sx={{ display: "flex", alignItems: "center", gap: 2, mb: 1.5, flexWrap: "wrap" }}>
      <ToggleButtonGroup
        exclusive
        size="small"
        value={wanted.kind}
        onChange={(_, kind: Wanted["kind"] | null) => kind && onChange({ ...wanted, kind })}
        aria-label={words.lists.title}
      >
        <ToggleButton value="wall">{words.lists.wall}</ToggleButton>
        <ToggleButton value="private">{words.lists.own}</ToggleButton>
      </ToggleButtonGroup>
      {tick("pageEach")}
      {wanted.kind === "private" ? (
        <>
          {tick("notes")}
          {tick("figures")}
          {tick("needs")}
        </>
      ) : (
        <Box sx={{ color: "var(--z-soft)" }}>{words.lists.wallAbout}</Box>
      )}
    </Box>
  );
}

function WallList({ id, large }: { id: number; large: boolean }) {
  const list = useQuery({ ...wallListQuery(id), staleTime: 0 }).data;
  if (!list) {
    return <Waiting />;
  }
  return (
    <>
      {!large && (
        <Box component="h2" sx={{ fontSize: 26, mb: 2, "&::first-letter": { textTransform: "uppercase" } }}>
          {list.subject}
        </Box>
      )}
      <Box sx={large ? {} : { columns: 2, columnGap: 5 }}>
        {list.groups.map((group) => (
          <section key={group.name} aria-label={group.name}>
            <Box
              component="h3"
              sx={{ fontSize: large ? 40 : 20, borderBottom: "2px solid var(--z-ink)", mb: 0.5 }}
            >
              {group.name}
            </Box>
            {group.students.map((student, i) => (
              <Box key={i} sx={{ fontSize: large ? 30 : 18, py: 0.25 }}>
                {student}
              </Box>
            ))}
          </section>
        ))}
      </Box>
    </>
  );
}

function PrivateList({ id, wanted }: { id: number; wanted: Wanted }) {
  const { data: list, error } = useQuery({ ...privateListQuery(id, wanted.needs), staleTime: 0 });
  if (error) {
    return <Box role="alert">{error.message}</Box>;
  }
  if (!list) {
    return <Waiting />;
  }
  return (
    <>
      <Box component="h2" sx={{ fontSize: 22 }}>
        {list.name}
      </Box>
      <Box sx={{ color: "var(--z-soft)", mb: 2 }}>
        {list.subject} · {day(list.beginsOn)} – {day(list.endsOn)}
      </Box>
      {wanted.notes && list.note && <Box sx={{ mb: 2, whiteSpace: "pre-line" }}>{list.note}</Box>}
      {list.groups.map((group) => (
        <PrivateGroup key={group.name} group={group} measure={list.measure} wanted={wanted} />
      ))}
      {list.notPlaced.length > 0 && (
        <Box>
          <b>{words.lists.notPlaced}:</b> {list.notPlaced.join(", ")}
        </Box>
      )}
    </>
  );
}

interface GroupProps {
  group: Schemas["ListedGroup"];
  measure: Schemas["MeasureCard"];
  wanted: Wanted;
}

function PrivateGroup({ group, measure, wanted }: GroupProps) {
  const about = [
    words.start.members({ count: group.students.length }),
    group.studentName !== undefined &&
      group.studentName !== group.name &&
      words.studentsSay({ name: group.studentName }),
    wanted.figures &&
      group.median !== undefined &&
      `${words.median} ${scoreText(group.median, measure)}, ${rangeText(group.lowest ?? 0, group.highest ?? 0, measure)}`,
    group.leads.length > 0 && words.withAdults({ names: group.leads.join(", ") }),
  ].filter(Boolean);
  return (
    <section aria-label={group.name}>
      <Box component="h3" sx={{ fontSize: 17 }}>
        {group.name}
      </Box>
      <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{about.join(" · ")}</Box>
      {wanted.notes && group.note && <Box sx={{ whiteSpace: "pre-line" }}>{group.note}</Box>}
      {group.students.map((student) => (
        <Box
          key={student.name}
          sx={{
            display: "grid",
            gridTemplateColumns: "1fr 110px 90px",
            borderTop: "1px solid var(--z-line)",
            py: 0.25,
          }}
        >
          <span>{student.name}</span>
          <Box component="span" sx={{ textAlign: "right" }}>
            {wanted.figures && student.value !== undefined && scoreText(student.value, measure)}
            {wanted.figures && student.stale && ` (${words.stale})`}
          </Box>
          <Box component="span" sx={{ textAlign: "right" }}>
            {student.timeNeed}
          </Box>
        </Box>
      ))}
    </section>
  );
}
