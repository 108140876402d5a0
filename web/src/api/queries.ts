import { queryOptions } from "@tanstack/react-query";
import { api, data, type ItemNarrowing, type StudentNarrowing } from "./client";
import { ofThePage } from "./ofThePage";

/** One options factory per server resource; keys begin with what changes together. */
export const sessionQuery = queryOptions({
  queryKey: ["session"],
  queryFn: () => data(api.GET("/api/session")),
  staleTime: Number.POSITIVE_INFINITY,
});

export const classesQuery = queryOptions({
  queryKey: ["classes"],
  queryFn: () => data(api.GET("/api/classes")),
});

export const measuresQuery = queryOptions({
  queryKey: ["measures"],
  queryFn: () => data(api.GET("/api/measures")),
});

export const notPrintedQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "students", "not-printed"],
    queryFn: () =>
      data(api.GET("/api/classes/{classId}/names-not-printed", { params: { path: { classId } } })),
  });

export const studentsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "students"],
    queryFn: () => data(api.GET("/api/classes/{classId}/students", { params: { path: { classId } } })),
  });

export const studentsScreenQuery = (classId: number | undefined, narrowing: StudentNarrowing) =>
  queryOptions({
    queryKey: ["class", classId ?? "all", "screen", narrowing],
    queryFn: () => data(api.GET("/api/students", { params: { query: { ...narrowing, classId } } })),
  });

export const narrowingsQuery = queryOptions({
  queryKey: ["narrowings"],
  queryFn: () => data(api.GET("/api/narrowings")),
});

/** What is known of one student; the parts change apart from each other. */
export const studentQuery = (studentId: number) =>
  queryOptions({
    queryKey: ["student", studentId, "sheet"],
    queryFn: () => data(api.GET("/api/students/{studentId}", { params: { path: { studentId } } })),
  });

export const studentScoresQuery = (studentId: number) =>
  queryOptions({
    queryKey: ["student", studentId, "scores"],
    queryFn: () => data(api.GET("/api/students/{studentId}/scores", { params: { path: { studentId } } })),
  });

export const studentNeedsQuery = (studentId: number) =>
  queryOptions({
    // Every look is noted by the server, so news of other things do not make it look again.
    queryKey: ["needs", studentId],
    staleTime: Number.POSITIVE_INFINITY,
    queryFn: () => data(api.GET("/api/students/{studentId}/needs", { params: { path: { studentId } } })),
  });

export const studentGroupsQuery = (studentId: number) =>
  queryOptions({
    queryKey: ["student", studentId, "groups"],
    queryFn: () => data(api.GET("/api/students/{studentId}/groups", { params: { path: { studentId } } })),
  });

export const studentSkillsQuery = (studentId: number) =>
  queryOptions({
    queryKey: ["student", studentId, "skills"],
    queryFn: () => data(api.GET("/api/students/{studentId}/skills", { params: { path: { studentId } } })),
  });

export const pairNotesQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "pair-notes"],
    queryFn: () => data(api.GET("/api/classes/{classId}/pair-notes", { params: { path: { classId } } })),
  });

export const surveysQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "surveys"],
    queryFn: () => data(api.GET("/api/classes/{classId}/surveys", { params: { path: { classId } } })),
  });

export const classSkillsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "skills"],
    queryFn: () =>
      data<string[]>(api.GET("/api/classes/{classId}/skills", { params: { path: { classId } } })),
  });

export const doorQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "door"],
    queryFn: () => data(api.GET("/api/classes/{classId}/door", { params: { path: { classId } } })),
  });

export const importsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "imports"],
    queryFn: () => data(api.GET("/api/classes/{classId}/imports", { params: { path: { classId } } })),
  });

export const scoreSheetQuery = (classId: number, on: string) =>
  queryOptions({
    queryKey: ["class", classId, "score-sheet", on],
    queryFn: () =>
      data(api.GET("/api/classes/{classId}/score-sheet", { params: { path: { classId }, query: { on } } })),
  });

export const classAdultsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "adults"],
    queryFn: () => data(api.GET("/api/classes/{classId}/adults", { params: { path: { classId } } })),
  });

export const schoolAdultsQuery = queryOptions({
  queryKey: ["school", "adults"],
  queryFn: () => data(api.GET("/api/school/adults")),
});

export const schoolClassesQuery = queryOptions({
  queryKey: ["school", "classes"],
  queryFn: () => data(api.GET("/api/school/classes")),
});

export const schoolSystemQuery = queryOptions({
  queryKey: ["school", "system"],
  queryFn: () => data(api.GET("/api/school/system")),
});

export const schoolImportsQuery = queryOptions({
  queryKey: ["school", "imports"],
  queryFn: () => data(api.GET("/api/school/imports")),
});

export const calendarQuery = queryOptions({
  queryKey: ["school", "calendar"],
  queryFn: () => data(api.GET("/api/school/calendar")),
});

export const cutsQuery = (measureId: number) =>
  queryOptions({
    queryKey: ["measures", measureId, "cuts"],
    queryFn: () => data(api.GET("/api/measures/{measureId}/cuts", { params: { path: { measureId } } })),
  });

/** One try as a teacher sees it; while it runs it is looked at again now and then. */
export const reviewQuery = (classId: number, tryId: number) =>
  queryOptions({
    queryKey: ["class", classId, "try", tryId],
    queryFn: () => data(api.GET("/api/tries/{tryId}", { params: { path: { tryId } } })),
  });

export const pictureEntryQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "picture-entry"],
    queryFn: () => data(api.GET("/api/classes/{classId}/picture-entry", { params: { path: { classId } } })),
  });

export const arrangementsQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "arrangements"],
    queryFn: () => data(api.GET("/api/classes/{classId}/arrangements", { params: { path: { classId } } })),
  });

export const benchQuery = (arrangementId: number) =>
  queryOptions({
    queryKey: ["bench", arrangementId],
    meta: ofThePage,
    queryFn: () =>
      data(api.GET("/api/arrangements/{arrangementId}", { params: { path: { arrangementId } } })),
  });

export const benchHistoryQuery = (arrangementId: number) =>
  queryOptions({
    queryKey: ["bench", arrangementId, "history"],
    queryFn: () =>
      data(api.GET("/api/arrangements/{arrangementId}/history", { params: { path: { arrangementId } } })),
  });

/** The bench beside another arrangement, or beside itself after an earlier step. */
export const comparisonQuery = (
  arrangementId: number,
  revision: number,
  against: { other?: number; step?: number } | null,
) =>
  queryOptions({
    queryKey: ["bench", arrangementId, "comparison", against, revision],
    queryFn: () =>
      data(
        api.GET("/api/arrangements/{arrangementId}/comparison", {
          params: { path: { arrangementId }, query: against ?? {} },
        }),
      ),
  });

export const secondMeasureQuery = (arrangementId: number, measureId: number) =>
  queryOptions({
    queryKey: ["bench", arrangementId, "second", measureId],
    queryFn: () =>
      data(
        api.GET("/api/arrangements/{arrangementId}/measures/{measureId}", {
          params: { path: { arrangementId, measureId } },
        }),
      ),
  });

export const wallListQuery = (arrangementId: number) =>
  queryOptions({
    queryKey: ["bench", arrangementId, "wall-list"],
    queryFn: () =>
      data(api.GET("/api/arrangements/{arrangementId}/wall-list", { params: { path: { arrangementId } } })),
  });

export const privateListQuery = (arrangementId: number, needs: boolean) =>
  queryOptions({
    queryKey: ["bench", arrangementId, "private-list", needs],
    queryFn: () =>
      data(
        api.GET("/api/arrangements/{arrangementId}/private-list", {
          params: { path: { arrangementId }, query: { needs } },
        }),
      ),
  });

export const nameSetsQuery = queryOptions({
  queryKey: ["name-sets"],
  queryFn: () => data(api.GET("/api/name-sets")),
});

export const putAwayQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "put-away"],
    queryFn: () =>
      data(api.GET("/api/classes/{classId}/arrangements/put-away", { params: { path: { classId } } })),
  });

export const skillsQuery = queryOptions({
  queryKey: ["library", "skills"],
  queryFn: () => data(api.GET("/api/skills")),
});

/** What the library has for a class or a group, narrowed; best first. */
export const findQuery = (
  classId: number,
  groupId: number | undefined,
  narrowing: ItemNarrowing,
  limit = 100,
) =>
  queryOptions({
    queryKey: ["library", "found", classId, groupId, narrowing, limit],
    queryFn: () =>
      data(
        api.GET("/api/classes/{classId}/library", {
          params: { path: { classId }, query: { ...narrowing, groupId, limit } },
        }),
      ),
  });

export const itemQuery = (itemId: number) =>
  queryOptions({
    queryKey: ["library", "item", itemId],
    meta: ofThePage,
    queryFn: () => data(api.GET("/api/library/items/{itemId}", { params: { path: { itemId } } })),
  });

export const previewQuery = (itemId: number, choices: number | undefined) =>
  queryOptions({
    queryKey: ["library", "item", itemId, "preview", choices],
    queryFn: () =>
      data(
        api.GET("/api/library/items/{itemId}/preview", {
          params: { path: { itemId }, query: { choices } },
        }),
      ),
  });

export const questionNamesQuery = (ids: number[]) =>
  queryOptions({
    queryKey: ["library", "questions", ids],
    enabled: ids.length > 0,
    queryFn: () => data(api.GET("/api/library/questions", { params: { query: { ids } } })),
  });

export const unitsQuery = queryOptions({
  queryKey: ["library", "units"],
  queryFn: () => data(api.GET("/api/library/units")),
});

export const unitLacksQuery = (classId: number, unitId: number, groupId: number | undefined) =>
  queryOptions({
    queryKey: ["library", "lacks", classId, unitId, groupId],
    queryFn: () =>
      data(
        api.GET("/api/classes/{classId}/units/{unitId}/lacks", {
          params: { path: { classId, unitId }, query: { groupId } },
        }),
      ),
  });

export const skillMapQuery = (classId: number, groupId: number | undefined) =>
  queryOptions({
    queryKey: ["class", classId, "skill-map", groupId],
    queryFn: () =>
      data(
        api.GET("/api/classes/{classId}/skill-map", { params: { path: { classId }, query: { groupId } } }),
      ),
  });

export const shelfQuery = (groupId: number) =>
  queryOptions({
    queryKey: ["shelf", groupId],
    // Students open what lies on it all the time.
    staleTime: 0,
    queryFn: () => data(api.GET("/api/groups/{groupId}/shelf", { params: { path: { groupId } } })),
  });
