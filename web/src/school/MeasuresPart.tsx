import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { measuresQuery } from "../api/queries";
import { useKeeping } from "../shell/sharing";
import { CutsDialog } from "./CutsDialog";
import { MeasureDialog } from "./MeasureDialog";
import { Row, Rows } from "./Rows";
import { words } from "./words";

type Measure = Schemas["MeasureCard"];

/** The scales that scores are taken on. */
export function MeasuresPart() {
  const { keeps, classes, mayChange, ownerOf } = useKeeping();
  const measures = useQuery(measuresQuery).data ?? [];
  const [editing, setEditing] = useState<Measure | "new" | null>(null);
  const [cutting, setCutting] = useState<Measure | null>(null);
  return (
    <>
      {(keeps || classes.length > 0) && (
        <Box sx={{ mb: 1.5 }}>
          <Button variant="contained" onClick={() => setEditing("new")}>
            {words.newMeasure}
          </Button>
        </Box>
      )}
      {!keeps && <Box sx={{ mb: 1.5, color: "var(--z-soft)" }}>{words.keepersOnly}</Box>}
      <Rows>
        {measures.map((measure) => (
          <Row key={measure.id}>
            <Box sx={{ flex: 1, opacity: measure.archived ? 0.7 : 1 }}>
              <b>{measure.name}</b>{" "}
              <Box component="span" sx={{ color: "var(--z-soft)" }}>
                {words.scale(measure)} · {words.counts(measure)}
                {measure.standardError !== undefined && ` · ± ${measure.standardError}`}
                {measure.archived && ` · ${words.archived}`}
                {measure.classId != null && ` · ${words.only({ name: ownerOf(measure) ?? "" })}`}
              </Box>
            </Box>
            {mayChange(measure) && <Button onClick={() => setCutting(measure)}>{words.cuts}</Button>}
            {mayChange(measure) && <Button onClick={() => setEditing(measure)}>{words.change}</Button>}
          </Row>
        ))}
      </Rows>
      {editing && (
        <MeasureDialog measure={editing === "new" ? undefined : editing} onClose={() => setEditing(null)} />
      )}
      {cutting && <CutsDialog measure={cutting} onClose={() => setCutting(null)} />}
    </>
  );
}
