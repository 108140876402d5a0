import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { unitLacksQuery, unitsQuery } from "../api/queries";
import { useFocusedGroup } from "../library/useFocusedGroup";
import { words as libraryWords } from "../library/words";
import { Card, PlaceHead } from "../shell/Card";
import { day } from "../shell/dates";
import { useFocus } from "../shell/focus";
import { Waiting } from "../shell/Waiting";
import { UnitDialog } from "./UnitDialog";
import { words } from "./words";

/** Units, and for each what the chosen group lacks for it. */
export default function UnitsPlace() {
  const { classId } = useFocus();
  const units = useQuery(unitsQuery).data;
  const [editing, setEditing] = useState<Schemas["UnitShown"] | "new" | null>(null);
  if (!units) {
    return <Waiting />;
  }
  return (
    <>
      <PlaceHead title={words.title} about={words.about}>
        <Button component={Link} to={`/classes/${classId}/library`}>
          {words.library}
        </Button>
        <Button variant="contained" onClick={() => setEditing("new")}>
          {words.add}
        </Button>
      </PlaceHead>
      <Box sx={{ display: "grid", gap: 1.5 }}>
        {units.length === 0 && words.none}
        {units.map((unit) => (
          <UnitCard key={unit.id} unit={unit} classId={classId} onEdit={() => setEditing(unit)} />
        ))}
      </Box>
      {editing && (
        <UnitDialog
          unit={editing === "new" ? undefined : editing}
          classId={classId}
          onClose={() => setEditing(null)}
        />
      )}
    </>
  );
}

interface CardProps {
  unit: Schemas["UnitShown"];
  classId: number;
  onEdit: () => void;
}

function UnitCard({ unit, classId, onEdit }: CardProps) {
  return (
    <Card
      component="section"
      aria-label={unit.title}
      sx={{ p: 2, display: "grid", gap: 2, gridTemplateColumns: { xs: "1fr", md: "1fr 1fr" } }}
    >
      <Box>
        <Box sx={{ display: "flex", alignItems: "center", gap: 1.5, flexWrap: "wrap" }}>
          <Box component="h2" sx={{ fontSize: 16 }}>
            {unit.title}
          </Box>
          <Box sx={{ color: "var(--z-soft)" }}>
            {unit.beginsOn && `${words.begins({ date: day(unit.beginsOn) })} · `}
            {words.items({ count: unit.items.length })}
          </Box>
        </Box>
        <Box sx={{ mb: 1 }}>{unit.about}</Box>
        <Box component="ol" sx={{ pl: 3, m: 0 }}>
          {unit.items.map((item) => (
            <li key={item.id}>
              {item.title}{" "}
              <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
                {libraryWords.kinds[item.kind]}
                {item.minutes !== undefined && ` · ${libraryWords.minutes({ minutes: item.minutes })}`}
              </Box>
            </li>
          ))}
        </Box>
        <Box sx={{ display: "flex", gap: 1, mt: 1.5 }} className="no-print">
          <Button size="small" component={Link} to={`/classes/${classId}/library?unitId=${unit.id}`}>
            {words.showItems}
          </Button>
          {unit.mayEdit && (
            <Button size="small" onClick={onEdit}>
              {words.edit}
            </Button>
          )}
        </Box>
      </Box>
      <Lacks unitId={unit.id} classId={classId} />
    </Card>
  );
}

/** The preparing items for what the group does not hold yet. */
function Lacks({ unitId, classId }: { unitId: number; classId: number }) {
  const group = useFocusedGroup();
  const lacks = useQuery(unitLacksQuery(classId, unitId, group?.id)).data;
  const name = group?.name ?? words.everyone;
  return (
    <Box sx={{ borderLeft: { md: "1px solid var(--z-line)" }, pl: { md: 2 } }}>
      <Box component="h3">{words.lacks({ name })}</Box>
      {lacks?.length === 0 && words.nothingLacking({ name })}
      {lacks?.map((lack) => (
        <Box key={lack.skillId} sx={{ py: 0.75, borderTop: "1px solid var(--z-line)" }}>
          <b>{lack.name}</b>{" "}
          <Box component="span" sx={{ color: "var(--z-soft)" }}>
            {words.held({ held: lack.heldBy, members: lack.members })}, {words.lacking(lack.lacking)}
          </Box>
          <Box>
            <Box component="span" sx={{ color: "var(--z-soft)" }}>
              {words.prepare}:{" "}
            </Box>
            {lack.items.length === 0 && words.noItems}
            {lack.items.slice(0, 4).map((item, i) => (
              <span key={item.id}>
                {i > 0 && ", "}
                <Link
                  to={`/classes/${classId}/library?words=${encodeURIComponent(item.title)}`}
                  style={{ color: "var(--z-aubergine)" }}
                >
                  {item.title}
                </Link>
              </span>
            ))}
          </Box>
        </Box>
      ))}
    </Box>
  );
}
