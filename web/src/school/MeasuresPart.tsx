import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { classesQuery, measuresQuery } from "../api/queries";
import { CutsDialog } from "./CutsDialog";
import { MeasureDialog } from "./MeasureDialog";
import { Row, Rows } from "./Rows";
import { words } from "./words";

type Measure = Schemas["MeasureCard"];

/** The scales that scores are taken on. */
export function MeasuresPart() {
  const keeps = useQuery(classesQuery).data?.keepsShared ?? false;
  const measures = useQuery(measuresQuery).data ?? [];
  const [editing, setEditing] = useState<Measure | "new" | null>(null);
  const [cutting, setCutting] = useState<Measure | null>(null);
  return (
    <>
      <Box sx={{ mb: 1.5 }}>
        <Button variant="contained" onClick={() => setEditing("new")}>
          {words.newMeasure}
        </Button>
      </Box>
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
              </Box>
            </Box>
            {keeps && <Button onClick={() => setCutting(measure)}>{words.cuts}</Button>}
            {keeps && <Button onClick={() => setEditing(measure)}>{words.change}</Button>}
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
