import { useQuery } from "@tanstack/react-query";
import { Suspense, useEffect, useState } from "react";
import { Route, Routes } from "react-router";
import { sessionQuery } from "./api/queries";
import { switchTo, useLanguage, wantedBy } from "./languages/chosen";
import { place } from "./languages/place";
import { StudentPlaces } from "./mywork/StudentPlaces";
import { writeHours } from "./shell/dates";
import { Mishap } from "./shell/Mishap";
import { Waiting } from "./shell/Waiting";

const SignIn = place(() => import("./signin/SignIn"));
const ChangePassword = place(() => import("./signin/ChangePassword"));
const InvitedPlace = place(() => import("./signin/InvitedPlace"));
const JoinPlace = place(() => import("./entry/JoinPlace"));
const ScoresPlace = place(() => import("./scores/ScoresPlace"));
const WishesPlace = place(() => import("./wishes/WishesPlace"));
const SchoolPlace = place(() => import("./school/SchoolPlace"));
const FirstRun = place(() => import("./firstrun/FirstRun"));
const OpenShell = place(() => import("./frame/OpenShell"));
const TeacherShell = place(() => import("./frame/TeacherShell"));
const HomeClass = place(() => import("./frame/HomeClass"));
const StudentsPlace = place(() => import("./students/StudentsPlace"));
const BringInPlace = place(() => import("./bringin/BringInPlace"));
const ArrangePlace = place(() => import("./arrange/ArrangePlace"));
const BenchPlace = place(() => import("./arrange/BenchPlace"));
const ListsPlace = place(() => import("./arrange/ListsPlace"));
const CornersPlace = place(() => import("./corners/CornersPlace"));
const HistoryPlace = place(() => import("./history/HistoryPlace"));
const MeetingsPlace = place(() => import("./meeting/MeetingsPlace"));
const SharingPlace = place(() => import("./sharing/SharingPlace"));
const TodayPlace = place(() => import("./today/TodayPlace"));
const WeekPlace = place(() => import("./plan/week/WeekPlace"));
const TasksPlace = place(() => import("./plan/TasksPlace"));
const SeeAsPlace = place(() => import("./plan/SeeAsPlace"));
const TaskPlace = place(() => import("./plan/TaskPlace"));
const LivePlace = place(() => import("./progress/live/LivePlace"));
const MarkingPlace = place(() => import("./progress/marking/MarkingPlace"));
const ResultsPlace = place(() => import("./progress/results/ResultsPlace"));
const ProgressPlace = place(() => import("./progress/ProgressPlace"));
const LibraryPlace = place(() => import("./library/LibraryPlace"));
const ItemEditorPlace = place(() => import("./library/ItemEditorPlace"));
const UnitsPlace = place(() => import("./units/UnitsPlace"));
const SkillsPlace = place(() => import("./skills/SkillsPlace"));

export function App() {
  return (
    <Mishap key={useLanguage()}>
      <Places />
    </Mishap>
  );
}

function Places() {
  const session = useQuery(sessionQuery);
  const tag = useLanguage();
  const wanted = session.data && wantedBy(session.data.language, session.data.who === "ADULT");
  const [lost, setLost] = useState<Error>();
  useEffect(() => {
    if (wanted && wanted !== tag) {
      switchTo(wanted).catch(setLost);
    }
  }, [wanted, tag]);
  if (lost) {
    throw lost;
  }
  if (!session.data || wanted !== tag) {
    return <Waiting />;
  }
  writeHours(session.data.hours);
  return (
    <Suspense fallback={<Waiting />}>
      {session.data.who === "ADULT" &&
        (session.data.mustChangePassword ? <ChangePassword /> : <TeacherRoutes />)}
      {session.data.who === "STUDENT" && <StudentPlaces session={session.data} />}
      {session.data.who === "FIRST_RUN" && <FirstRun />}
      {session.data.who === "NOBODY" && <EntryRoutes />}
    </Suspense>
  );
}

function TeacherRoutes() {
  return (
    <Routes>
      <Route path="/classes/:classId" element={<TeacherShell />}>
        <Route path="students" element={<StudentsPlace />} />
        <Route path="bring-in" element={<BringInPlace />} />
        <Route path="scores" element={<ScoresPlace />} />
        <Route path="wishes" element={<WishesPlace />} />
        <Route path="arrange" element={<ArrangePlace />} />
        <Route path="arrange/:arrangementId" element={<BenchPlace />} />
        <Route path="arrange/:arrangementId/lists" element={<ListsPlace />} />
        <Route path="corners/:cornerId?" element={<CornersPlace />} />
        <Route path="history" element={<HistoryPlace />} />
        <Route path="adults" element={<SharingPlace />} />
        <Route path="meetings" element={<MeetingsPlace />} />
        <Route path="today" element={<TodayPlace />} />
        <Route path="library" element={<LibraryPlace />} />
        <Route path="library/items/new" element={<ItemEditorPlace />} />
        <Route path="library/items/:itemId" element={<ItemEditorPlace />} />
        <Route path="library/units" element={<UnitsPlace />} />
        <Route path="library/skills" element={<SkillsPlace />} />
        <Route path="plan" element={<WeekPlace />} />
        <Route path="plan/tasks" element={<TasksPlace />} />
        <Route path="plan/see-as/:studentId" element={<SeeAsPlace />} />
        <Route path="plan/:taskId" element={<TaskPlace />} />
        <Route path="progress/tasks/:taskId" element={<ResultsPlace />} />
        <Route path="progress/tasks/:taskId/live" element={<LivePlace />} />
        <Route path="progress/tasks/:taskId/marking" element={<MarkingPlace />} />
        <Route path="progress/:part?" element={<ProgressPlace />} />
      </Route>
      <Route path="/invited/:token" element={<InvitedPlace />} />
      <Route element={<OpenShell />}>
        <Route path="/classes/new" element={<BringInPlace />} />
        <Route path="/school/:part?" element={<SchoolPlace />} />
      </Route>
      <Route path="*" element={<HomeClass />} />
    </Routes>
  );
}

function EntryRoutes() {
  return (
    <Routes>
      <Route path="/join" element={<JoinPlace />} />
      <Route path="/invited/:token" element={<InvitedPlace />} />
      <Route path="*" element={<SignIn />} />
    </Routes>
  );
}
