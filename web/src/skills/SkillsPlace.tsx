import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { skillMapQuery, skillsQuery } from "../api/queries";
import { useFocusedGroup } from "../library/useFocusedGroup";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { useKeeping } from "../shell/sharing";
import { Waiting } from "../shell/Waiting";
import { BringInSkills } from "./BringInSkills";
import { SkillDialog } from "./SkillDialog";
import { SkillPanel } from "./SkillPanel";
import { StrandMap } from "./StrandMap";
import { words } from "./words";

/** The map of every strand for the chosen group: who holds what, and the edge of what it is ready for. */
export default function SkillsPlace() {
  const { classId } = useFocus();
  const group = useFocusedGroup();
  const map = useQuery(skillMapQuery(classId, group?.id)).data;
  const book = useQuery(skillsQuery).data;
  const { keeps, classes, mayChange } = useKeeping();
  const [chosen, setChosen] = useState<number | null>(null);
  const [editing, setEditing] = useState<Schemas["SkillShown"] | "new" | null>(null);
  const [bringingIn, setBringingIn] = useState(false);
  if (!map || !book) {
    return <Waiting />;
  }
  const skills = map.strands.flatMap((strand) => strand.skills);
  const byId = new Map(skills.map((skill) => [skill.id, skill]));
  const ready = map.ready.flatMap((id) => byId.get(id) ?? []);
  const skill = byId.get(chosen ?? ready[0]?.id ?? skills[0]?.id ?? 0);
  const kept = book.strands.flatMap((strand) => strand.skills).find((each) => each.id === skill?.id);
  return (
    <>
      <PlaceHead title={words.title} about={words.about({ name: group?.name ?? words.everyone })}>
        <Button component={Link} to={`/classes/${classId}/library`}>
          {words.library}
        </Button>
        {keeps && <Button onClick={() => setBringingIn(true)}>{words.bringIn}</Button>}
        {(keeps || classes.length > 0) && (
          <Button variant={skills.length === 0 ? "contained" : "outlined"} onClick={() => setEditing("new")}>
            {words.add}
          </Button>
        )}
      </PlaceHead>
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "1fr", lg: "1fr 300px" },
          alignItems: "start",
        }}
      >
        <Box component="section" aria-label={words.map} sx={{ display: "grid", gap: 1.5, minWidth: 0 }}>
          {skills.length === 0 && words.none}
          {map.strands.map((strand) => (
            <StrandMap
              key={strand.name}
              strand={strand}
              names={new Map(skills.map((each) => [each.id, each.name]))}
              members={map.students.length}
              chosen={skill?.id}
              onChoose={setChosen}
            />
          ))}
        </Box>
        <Box sx={{ display: "grid", gap: 1.5, position: { lg: "sticky" }, top: 0 }}>
          <Card component="section" sx={{ p: 2 }}>
            <Box component="h2" sx={{ fontSize: 15, mb: 0.5 }}>
              {words.ready}
            </Box>
            {ready.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.noneReady}</Box>}
            {ready.slice(0, 6).map((each) => (
              <Box
                key={each.id}
                component="button"
                type="button"
                onClick={() => setChosen(each.id)}
                sx={{
                  display: "block",
                  width: "100%",
                  textAlign: "left",
                  font: "inherit",
                  color: "inherit",
                  background: "none",
                  border: 0,
                  borderTop: "1px solid var(--z-line)",
                  py: 0.6,
                  px: 0,
                  cursor: "pointer",
                }}
              >
                <b>{each.name}</b>
                <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
                  {words.readyWhy(each, map.students.length)}
                </Box>
              </Box>
            ))}
          </Card>
          {skill && (
            <SkillPanel
              skill={skill}
              map={map}
              classId={classId}
              onEdit={kept && mayChange(kept) ? () => setEditing(kept) : undefined}
            />
          )}
        </Box>
      </Box>
      {editing && (
        <SkillDialog
          skill={editing === "new" ? undefined : editing}
          book={book}
          onClose={() => setEditing(null)}
        />
      )}
      {bringingIn && <BringInSkills onClose={() => setBringingIn(false)} />}
    </>
  );
}
