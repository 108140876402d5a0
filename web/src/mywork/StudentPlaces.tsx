import { Suspense, useEffect } from "react";
import { Navigate, Route, Routes } from "react-router";
import type { Schemas } from "../api/client";
import { EaseProvider } from "../ease/EaseProvider";
import { place } from "../languages/place";
import { outbox } from "../outbox/mine";
import { Mishap } from "../shell/Mishap";
import { Waiting } from "../shell/Waiting";
import { MyWorkPlace } from "./MyWorkPlace";
import { StillThere } from "./StillThere";
import { useInstalled } from "./useInstalled";
import { useMyNews } from "./useMyNews";

const BookPlace = place(() => import("./BookPlace"));
const MyCornerPlace = place(() => import("../mycorner/MyCornerPlace"));
const MyMeetingPlace = place(() => import("../meeting/MyMeetingPlace"));
const TryPlace = place(() => import("../try/TryPlace"));

/** The students' places. */
export function StudentPlaces({ session }: { session: Schemas["Session"] }) {
  const studentId = session.studentId ?? null;
  useEffect(() => outbox.belongsTo(studentId), [studentId]);
  useMyNews();
  useInstalled();
  return (
    <EaseProvider>
      <Mishap>
        <Suspense fallback={<Waiting />}>
          <Routes>
            <Route path="/my" element={<MyWorkPlace />} />
            <Route path="/my/shelf/:itemId" element={<BookPlace />} />
            <Route path="/my/corners/:cornerId" element={<MyCornerPlace />} />
            <Route path="/my/corners/:cornerId/meeting" element={<MyMeetingPlace />} />
            <Route path="/my/tries/:tryId" element={<TryPlace />} />
            <Route path="*" element={<Navigate to="/my" replace />} />
          </Routes>
        </Suspense>
      </Mishap>
      {session.sharedDevice && <StillThere />}
    </EaseProvider>
  );
}
