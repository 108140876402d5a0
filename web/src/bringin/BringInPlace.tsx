import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { useNavigate, useParams } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { classesQuery, measuresQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Card, PlaceHead } from "../shell/Card";
import { LongWork, useLongWork } from "../shell/LongWork";
import { useNotice } from "../shell/Notice";
import { Problem } from "../shell/Problem";
import { isFor } from "../shell/sharing";
import { Waiting } from "../shell/Waiting";
import { FileField } from "./FileField";
import { useUndoImport } from "./ImportList";
import { ImportPreview } from "./ImportPreview";
import { OtherDoor } from "./OtherDoor";
import { Steps } from "./Steps";
import { asForm, usePreview } from "./usePreview";
import { WantedFields } from "./WantedFields";
import { words } from "./words";

type Wanted = Schemas["Wanted"];

/** What a class is called that comes in a file of that name, until somebody says otherwise. */
function nameIn(file: File) {
  return file.name.replace(/\.\w+$/, "");
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
  const look = usePreview(file, wanted);
  const work = useLongWork();
  const keep = useMutation({
    mutationFn: () => work.run((headers) => take(file as File, wanted, headers)),
    onSuccess: (result) => {
      queryClient.invalidateQueries();
      tell(words.taken(result), () => undo.mutate(result.importId));
      navigate(`/classes/${result.classId}/students`);
    },
  });
  const choose = (chosen: File, pasted: boolean) => {
    const typed = wanted.className !== "" && wanted.className !== (file ? nameIn(file) : "");
    const className = typed ? wanted.className : pasted ? "" : nameIn(chosen);
    setFile(chosen);
    setWanted({ ...wanted, className, columns: undefined, answers: undefined, afresh: undefined, pasted });
  };
  const shown = look.shown;
  const open = shown?.questions.filter((each) => each.answer === undefined).length ?? 0;
  return (
    <Box sx={{ pb: 3 }}>
      <PlaceHead title={words.title}>
        <Steps at={!shown ? 0 : open > 0 ? 1 : 2} />
        {shown && (
          <Button
            variant="contained"
            disabled={keep.isPending || !look.isNewest || shown.good === 0 || open > 0}
            onClick={() => keep.mutate()}
          >
            {words.take({ good: shown.good })}
          </Button>
        )}
      </PlaceHead>
      <Card sx={{ p: 2, display: "grid", gap: 1.5 }}>
        <Box
          sx={
            file
              ? { display: "flex", gap: 2, flexWrap: "wrap", alignItems: "center" }
              : { display: "grid", gap: 2 }
          }
        >
          <FileField file={file} onFile={choose} />
          {file && <WantedFields wanted={wanted} onChange={setWanted} />}
        </Box>
        <Problem error={look.error ?? keep.error} />
        <OtherDoor error={look.error} file={file} classId={wanted.classId} />
        <LongWork workKey={work.key} />
      </Card>
      {shown && <ImportPreview preview={shown} measures={measures} wanted={wanted} onChange={setWanted} />}
    </Box>
  );
}
