import { useQuery } from "@tanstack/react-query";
import { lazy, Suspense } from "react";
import { Route, Routes } from "react-router";
import { sessionQuery } from "./api/queries";
import { StudentPlaces } from "./mywork/StudentPlaces";
import { Mishap } from "./shell/Mishap";
import { Waiting } from "./shell/Waiting";

const SignIn = lazy(() => import("./signin/SignIn"));
const ChangePassword = lazy(() => import("./signin/ChangePassword"));
const InvitedPlace = lazy(() => import("./signin/InvitedPlace"));
const JoinPlace = lazy(() => import("./entry/JoinPlace"));
const ScoresPlace = lazy(() => import("./scores/ScoresPlace"));
const WishesPlace = lazy(() => import("./wishes/WishesPlace"));
const SchoolPlace = lazy(() => import("./school/SchoolPlace"));
const FirstRun = lazy(() => import("./firstrun/FirstRun"));
const OpenShell = lazy(() => import("./shell/OpenShell"));
const TeacherShell = lazy(() => import("./shell/TeacherShell"));
const HomeClass = lazy(() => import("./shell/HomeClass"));
const StudentsPlace = lazy(() => import("./students/StudentsPlace"));
const BringInPlace = lazy(() => import("./bringin/BringInPlace"));
const ArrangePlace = lazy(() => import("./arrange/ArrangePlace"));
const BenchPlace = lazy(() => import("./arrange/BenchPlace"));
const ListsPlace = lazy(() => import("./arrange/ListsPlace"));
const CornersPlace = lazy(() => import("./corners/CornersPlace"));
const HistoryPlace = lazy(() => import("./history/HistoryPlace"));
const MeetingsPlace = lazy(() => import("./meeting/MeetingsPlace"));
const SharingPlace = lazy(() => import("./sharing/SharingPlace"));
const TodayPlace = lazy(() => import("./today/TodayPlace"));
const WeekPlace = lazy(() => import("./plan/week/WeekPlace"));
const TasksPlace = lazy(() => import("./plan/TasksPlace"));
const SeeAsPlace = lazy(() => import("./plan/SeeAsPlace"));
const TaskPlace = lazy(() => import("./plan/TaskPlace"));
const LivePlace = lazy(() => import("./progress/live/LivePlace"));
const MarkingPlace = lazy(() => import("./progress/marking/MarkingPlace"));
const ResultsPlace = lazy(() => import("./progress/results/ResultsPlace"));
const ProgressPlace = lazy(() => import("./progress/ProgressPlace"));
const LibraryPlace = lazy(() => import("./library/LibraryPlace"));
const ItemEditorPlace = lazy(() => import("./library/ItemEditorPlace"));
const UnitsPlace = lazy(() => import("./units/UnitsPlace"));
const SkillsPlace = lazy(() => import("./skills/SkillsPlace"));

export function App() {
  return (
    <Mishap>
      <Places />
    </Mishap>
  );
}

function Places() {
  const session = useQuery(sessionQuery);
  if (!session.data) {
    return <Waiting />;
  }
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
