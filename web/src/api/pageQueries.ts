import { queryOptions } from "@tanstack/react-query";
import { api, data } from "./client";
import { keyOf, lookOf, type Whose } from "./whose";

// A notice that was said for later comes when its time has come, though nobody does anything then.
const MINUTE_MS = 60_000;
const HALF_A_MINUTE_MS = 30_000;

/** What a student's page holds, part by part, whoever looks at it. */
export const workOf = (whose: Whose) =>
  queryOptions({
    queryKey: [...keyOf(whose), "work"],
    queryFn: () =>
      data(
        whose.own
          ? api.GET("/api/my/work")
          : api.GET("/api/classes/{classId}/see-as/{studentId}", {
              params: {
                path: { classId: whose.classId, studentId: whose.studentId },
                query: { at: whose.at, draft: whose.draft },
              },
            }),
      ),
    refetchInterval: HALF_A_MINUTE_MS,
    // What this device remembers of before a reload may be seconds old and no longer true: begun since, for instance.
    refetchOnMount: "always",
  });

export const shelfOf = (whose: Whose) =>
  queryOptions({
    queryKey: [...keyOf(whose), "shelf"],
    queryFn: () =>
      data(
        whose.own
          ? api.GET("/api/my/shelf")
          : api.GET("/api/classes/{classId}/see-as/{studentId}/shelf", lookOf(whose)),
      ),
  });

export const surveysOf = (whose: Whose) =>
  queryOptions({
    queryKey: [...keyOf(whose), "surveys"],
    queryFn: () =>
      data(
        whose.own
          ? api.GET("/api/my/surveys")
          : api.GET("/api/classes/{classId}/see-as/{studentId}/surveys", lookOf(whose)),
      ),
  });

export const cornersOf = (whose: Whose) =>
  queryOptions({
    queryKey: [...keyOf(whose), "corners"],
    queryFn: () =>
      data(
        whose.own
          ? api.GET("/api/my/corners")
          : api.GET("/api/classes/{classId}/see-as/{studentId}/corners", lookOf(whose)),
      ),
    refetchInterval: MINUTE_MS,
  });

export const cornerOf = (whose: Whose, cornerId: number) =>
  queryOptions({
    queryKey: [...keyOf(whose), "corners", cornerId],
    queryFn: () =>
      data(
        whose.own
          ? api.GET("/api/my/corners/{cornerId}", { params: { path: { cornerId } } })
          : api.GET("/api/classes/{classId}/see-as/{studentId}/corners/{cornerId}", {
              params: {
                path: { classId: whose.classId, studentId: whose.studentId, cornerId },
                query: { at: whose.at },
              },
            }),
      ),
    refetchInterval: MINUTE_MS,
  });

const mine: Whose = { own: true };

export const myWorkQuery = workOf(mine);
export const mySurveysQuery = surveysOf(mine);
export const myCornersQuery = cornersOf(mine);
