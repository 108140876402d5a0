import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import type { Schemas } from "../api/client";
import { classesQuery, studentQuery } from "../api/queries";
import { historyOf } from "../history/address";
import { words as history } from "../history/words";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { useLedGroupsAlone } from "../shell/role";
import { ClassesPart } from "../student/ClassesPart";
import { EditStudent } from "../student/EditStudent";
import { EntryCode } from "../student/EntryCode";
import { GroupsPart } from "../student/GroupsPart";
import { NeedsPart } from "../student/NeedsPart";
import { PageLanguage } from "../student/PageLanguage";
import { PairsPart } from "../student/PairsPart";
import { RecordDialog } from "../student/RecordDialog";
import { ScoresPart } from "../student/ScoresPart";
import { SkillsPart } from "../student/SkillsPart";
import { words } from "../student/words";
import { useManyDeeds } from "./useManyDeeds";
import { lastHere } from "./words";

interface Props {
  student: Schemas["StudentShown"];
  screen: Schemas["StudentsShown"];
  onClose: () => void;
}

/** One student at the side: all that is known, and what can be done. */
export function StudentPanel({ student, screen, onClose }: Props) {
  const { classId, projector } = useFocus();
  const sheet = useQuery(studentQuery(student.id)).data;
  const classes = useQuery(classesQuery).data;
  const [opened, setOpened] = useState<"edit" | "record" | null>(null);
  const led = useLedGroupsAlone(classId);
  const deeds = useManyDeeds(classId, [student.id]);
  const name = `${student.givenName} ${student.familyName}`.trim();
  const about = [
    ...student.classIds.map((id) => classes?.classes.find((each) => each.id === id)?.name),
    student.studentNumber && `id ${student.studentNumber}`,
  ].filter(Boolean);
  return (
    <Card
      component="aside"
      aria-label={student.givenName}
      sx={{
        width: 320,
        flex: "none",
        overflow: "auto",
        p: 2,
        display: "grid",
        gap: 1.75,
        alignContent: "start",
      }}
    >
      <Box>
        <Box sx={{ display: "flex", alignItems: "baseline", gap: 1 }}>
          <Box component="h2" sx={{ fontSize: 18, flex: 1 }}>
            {name}
          </Box>
          <Button variant="text" onClick={onClose}>
            {words.close}
          </Button>
        </Box>
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
          {about.join(" · ")}
          {" · "}
          {words.lastHere(lastHere(student.lastHere, classes?.now ?? "", classes?.zone ?? "UTC"))}
        </Box>
        {!led && <EntryCode student={student} mayChange={sheet?.mayChange ?? false} />}
        {!led && <PageLanguage studentId={student.id} mayChange={sheet?.mayChange ?? false} />}
      </Box>
      {!projector && <ScoresPart studentId={student.id} />}
      {sheet?.maySeeNeeds && <NeedsPart studentId={student.id} mayChange={sheet.mayChange} />}
      {sheet && sheet.classes.length > 1 && (
        <ClassesPart
          stays={sheet.classes}
          onTakeOut={(id, name) => deeds.takeOut(id, name, id === classId ? onClose : () => {})}
        />
      )}
      <GroupsPart studentId={student.id} />
      {sheet?.maySeeNeeds && !projector && !led && (
        <PairsPart student={student} others={screen.students} mayChange={sheet.mayChange} />
      )}
      <SkillsPart studentId={student.id} />
      {sheet?.maySeeNeeds && !led && (
        <Button
          component={Link}
          to={`/classes/${classId}/plan/see-as/${student.id}`}
          sx={{ justifySelf: "start" }}
        >
          {words.seeAs({ name: student.givenName })}
        </Button>
      )}
      {sheet?.mayChange && (
        <Box sx={{ display: "flex", gap: 1, flexWrap: "wrap" }}>
          <Button onClick={() => setOpened("edit")}>{words.edit}</Button>
          <Button onClick={() => setOpened("record")}>{words.record}</Button>
          <Button component={Link} to={historyOf(classId, "STUDENT", student.id, name)}>
            {history.open}
          </Button>
          {sheet.archived ? (
            <Button onClick={() => deeds.bringBack(onClose)}>{words.bringBack}</Button>
          ) : (
            <Button onClick={() => deeds.archive(onClose)}>{words.archive}</Button>
          )}
        </Box>
      )}
      {opened === "edit" && sheet && <EditStudent sheet={sheet} onClose={() => setOpened(null)} />}
      {opened === "record" && (
        <RecordDialog studentId={student.id} onClose={() => setOpened(null)} onErased={onClose} />
      )}
    </Card>
  );
}
