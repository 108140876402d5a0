import { queryOptions } from "@tanstack/react-query";
import { api, data, type Schemas } from "./client";

/** Whoever is in a meeting says so this often, and is told who else is. */
const EVERY = 4000;

/** Asking is being there. */
export const myMeetingQuery = (cornerId: number) =>
  queryOptions({
    queryKey: ["meeting", "mine", cornerId],
    queryFn: () =>
      data<Schemas["MyMeeting"]>(
        api.POST("/api/my/corners/{cornerId}/meeting", { params: { path: { cornerId } } }),
      ),
    refetchInterval: EVERY,
    refetchIntervalInBackground: true,
    gcTime: 0,
    retry: false,
  });

/** @param inside the room that the adult is in; asking is being there */
export const meetingsQuery = (classId: number, inside: number | null) =>
  queryOptions({
    queryKey: ["meeting", "class", classId, inside],
    queryFn: () =>
      data<Schemas["MeetingRoom"][]>(
        inside === null
          ? api.GET("/api/classes/{classId}/meetings", { params: { path: { classId } } })
          : api.POST("/api/corners/{cornerId}/meeting", { params: { path: { cornerId: inside } } }),
      ),
    refetchInterval: EVERY,
    refetchIntervalInBackground: true,
    gcTime: 0,
    placeholderData: (before) => before,
  });
