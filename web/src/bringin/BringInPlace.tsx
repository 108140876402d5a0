import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { useNavigate, useParams } from "react-router";
import { api, data, filePart, type Schemas } from "../api/client";
import { classesQuery, measuresQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card, PlaceHead } from "../shell/Card";
import { LongWork, useLongWork } from "../shell/LongWork";
import { useNotice } from "../shell/Notice";
import { Problem } from "../shell/Problem";
import { isFor } from "../shell/sharing";
import { Waiting } from "../shell/Waiting";
import { ColumnMap } from "./ColumnMap";
import { FileField } from "./FileField";
import { useUndoImport } from "./ImportList";
import { PreviewRows } from "./PreviewRows";
import { WantedFields } from "./WantedFields";
import { words } from "./words";

type Wanted = Schemas["Wanted"];

/** The generated type of a multipart body is its fields; what travels is a form. */
/** What a class is called that comes in a file of that name, until somebody says otherwise. */
function nameIn(file: File) {
  return file.name.replace(/\.\w+$/, "");
}

function asForm(file: File, wanted: Wanted) {
  return {
    body: filePart(file, wanted) as unknown as { file: string; wanted: Wanted },
    bodySerializer: (body: unknown) => body as FormData,
  };
}

function preview(file: File, wanted: Wanted) {
  return data<Schemas["Preview"]>(api.POST("/api/class-lists/preview", asForm(file, wanted)));
}

function take(file: File, wanted: Wanted, headers: Record<string, string>) {
  return data<Schemas["Taken"]>(api.POST("/api/class-lists", { ...asForm(file, wanted), headers }));
}

export default function BringInPlace() {
  const classes = useQuery(classesQuery).data;
  if (!classes) {
    return <Waiting />;
  }
  const today = new Intl.DateTimeFormat("en-CA", { timeZone: classes.zone }).format(new Date(classes.now));
  return <BringIn today={today} />;
}

/** @param today the school's day, which scores are of unless said otherwise */
function BringIn({ today }: { today: string }) {
  const { classId } = useParams();
  const [file, setFile] = useState<File | null>(null);
  const [wanted, setWanted] = useState<Wanted>({
    classId: classId ? Number(classId) : undefined,
    className: "",
    grade: 5,
    takenOn: today,
  });
  const measures = (useQuery(measuresQuery).data ?? []).filter(
    (each) => !each.archived && isFor(wanted.classId)(each),
  );
  const navigate = useNavigate();
  const tell = useNotice();
  const undo = useUndoImport();
  const look = useMutation({
    mutationFn: (ask: { file: File; wanted: Wanted }) => preview(ask.file, ask.wanted),
  });
  const work = useLongWork();
  const keep = useMutation({
    mutationFn: () => work.run((headers) => take(file as File, wanted, headers)),
    onSuccess: (result) => {
      queryClient.invalidateQueries();
      tell(words.taken(result), () => undo.mutate(result.importId));
      navigate(`/classes/${result.classId}/students`);
    },
  });
  const lookAgain = look.mutate;
  useEffect(() => {
    if (file) {
      lookAgain({ file, wanted });
    }
  }, [file, wanted, lookAgain]);
  const setColumns = (columns: Schemas["ColumnUse"][]) => setWanted({ ...wanted, columns });
  const shown = look.data;
  return (
    <Box sx={{ pb: 3 }}>
      <PlaceHead title={words.title}>
        {shown && file && (
          <Button
            variant="contained"
            disabled={keep.isPending || shown.good === 0}
            onClick={() => keep.mutate()}
          >
            {words.take(shown.good)}
          </Button>
        )}
      </PlaceHead>
      <Card sx={{ p: 2, display: "grid", gap: 2 }}>
        <FileField
          file={file}
          onFile={(chosen, pasted) => {
            setFile(chosen);
            const typed = wanted.className !== "" && wanted.className !== (file ? nameIn(file) : "");
            const className = typed ? wanted.className : pasted ? "" : nameIn(chosen);
            setWanted({ ...wanted, className, columns: undefined, pasted });
          }}
        />
        <Problem error={look.error ?? keep.error} />
        <LongWork workKey={work.key} />
        {file && <WantedFields wanted={wanted} onChange={setWanted} />}
      </Card>
      {shown && (
        <Card
          role="region"
          aria-label={words.preview}
          tabIndex={0}
          sx={{ mt: 1.5, overflow: "auto", maxHeight: "70vh" }}
        >
          <Box role="status" sx={{ p: 1.5, fontWeight: 700 }}>
            {words.summary(shown.good, shown.withProblem)}{" "}
            <Box component="span" sx={{ fontWeight: 400, color: "var(--z-soft)" }}>
              {words.more(shown.newStudents, shown.unchanged)}
            </Box>
          </Box>
          {shown.passedOver.length > 0 && (
            <Box component="ul" sx={{ m: 0, px: 1.5, pb: 1.5, listStyle: "none" }}>
              {shown.passedOver.map((said) => (
                <li key={said}>{said}</li>
              ))}
            </Box>
          )}
          <Box
            component="table"
            sx={{
              borderCollapse: "collapse",
              width: "100%",
              "& td, & th": { px: 1.5, py: 0.6, textAlign: "left" },
            }}
          >
            <ColumnMap preview={shown} measures={measures} onChange={setColumns} />
            <PreviewRows preview={shown} />
          </Box>
        </Card>
      )}
    </Box>
  );
}
