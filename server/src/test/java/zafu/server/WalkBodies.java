package zafu.server;

import java.util.Comparator;
import java.util.List;
import java.util.Map;

/** For each endpoint a body that passes the checks of shape, so that the answer speaks of permission. */
final class WalkBodies {
    private static final Map<String, Object> UNTIMED =
            Map.of("support", "UNTIMED", "detail", "", "works", List.of(), "subjects", List.of(), "source", "");
    private static final Map<String, Object> BASE = Map.of(
            "staffName",
            "Base",
            "overrides",
            List.of(),
            "title",
            "x",
            "texts",
            List.of(),
            "questions",
            List.of(),
            "includesAccommodations",
            false,
            "tries",
            1,
            "targets",
            TestClass.forEveryone());
    private static final Map<String, Object> PROPOSAL =
            Map.of("method", "SIMILAR", "measureId", 1, "groups", 2, "smallest", 1, "largest", 9);
    private static final Map<String, Object> STEP = Map.of("kind", "ADD_GROUP");
    private static final Map<String, Object> FACTS = Map.of(
            "givenName", "x",
            "familyName", "",
            "preferredName", "",
            "grade", 5,
            "language", "",
            "homeClass", "",
            "studentNumber", "");
    private static final Map<String, Object> MEASURE = Map.ofEntries(
            Map.entry("name", "x"),
            Map.entry("unit", ""),
            Map.entry("lowest", 0),
            Map.entry("highest", 10),
            Map.entry("decimals", 0),
            Map.entry("lowerIsBetter", false),
            Map.entry("levels", List.of()),
            Map.entry("whichCounts", "LATEST"),
            Map.entry("shelfLifeDays", 120),
            Map.entry("archived", false));
    private static final Map<String, Object> SKILL =
            Map.of("name", "x", "strand", "", "description", "", "prerequisites", List.of(), "codes", List.of());
    private static final Map<String, Object> ITEM = Map.of("kind", "TEXT", "title", "x", "body", "x", "version", 0);
    private static final Map<String, Object> NOTICE =
            Map.of("text", "x", "link", "", "everyone", true, "corners", List.of(), "version", 0);
    private static final Map<String, Object> TALK =
            Map.of("title", "x", "postFirst", false, "closed", false, "version", 0);
    private static final Map<String, Object> UNIT =
            Map.of("title", "x", "about", "", "items", List.of(), "skills", List.of(), "version", 0);
    private static final Map<String, Object> SESSION =
            Map.of("version", 0, "begins", "2027-02-09T10:20", "minutes", 20, "title", "", "groups", List.of());
    private static final List<Map<String, Object>> CELLS = List.of(Map.of("taskId", 0, "studentId", 0));
    private static final Map<String, Object> NO_IDS = Map.of("ids", List.of());
    private static final Map<String, Object> BY_END = Map.ofEntries(
            Map.entry("/api/skills", SKILL),
            Map.entry("/api/skills/{skillId}", SKILL),
            Map.entry("/api/skills/removed", NO_IDS),
            Map.entry("/api/skills/restored", NO_IDS),
            Map.entry("/evidence", Map.of("skillId", 1, "takenOn", "2027-02-01", "fraction", 0.5, "note", "")),
            Map.entry("/api/library/items", ITEM),
            Map.entry("/api/library/items/{itemId}", ITEM),
            Map.entry("/api/library/items/deleted", NO_IDS),
            Map.entry("/api/library/items/restored", NO_IDS),
            Map.entry("/star", Map.of("starred", true)),
            Map.entry("/api/library/units", UNIT),
            Map.entry("/api/library/units/{unitId}", UNIT),
            Map.entry("PUT /api/groups/{groupId}/shelf", Map.of("entries", List.of(), "now", List.of())),
            Map.entry("PUT /api/my/corners/{cornerId}/meeting/call", Map.of("calling", true)),
            Map.entry(
                    "PUT /api/corners/{cornerId}",
                    Map.of("meetingAddress", "", "meetsHere", true, "studentsAdd", true, "version", 0)),
            Map.entry("/leavers/erased", Map.of("before", "2026-08-01", "students", List.of(0))),
            Map.entry("/notices", NOTICE),
            Map.entry("/notices/{noticeId}", NOTICE),
            Map.entry("/removed", Map.of("removed", true)),
            Map.entry("/invitations", Map.of("email", "new@harbour.example", "role", "VIEWER")),
            Map.entry("/talks", TALK),
            Map.entry("/talks/{talkId}", TALK),
            Map.entry("/posts", Map.of("text", "Hello")),
            Map.entry("/hidden", Map.of("hidden", true)),
            Map.entry("/checked", Map.of("answers", Map.of())),
            Map.entry("/steps", STEP),
            Map.entry("/effects", STEP),
            Map.entry("/proposal", PROPOSAL),
            Map.entry("/proposal/reasons", PROPOSAL),
            Map.entry(
                    "/arrangements",
                    Map.of(
                            "name",
                            "x",
                            "subject",
                            "x",
                            "beginsOn",
                            "2027-02-09",
                            "endsOn",
                            "2027-02-10",
                            "measureId",
                            1)),
            Map.entry(
                    "PUT /api/arrangements/{arrangementId}",
                    Map.ofEntries(
                            Map.entry("name", "x"),
                            Map.entry("subject", "x"),
                            Map.entry("purpose", ""),
                            Map.entry("description", ""),
                            Map.entry("note", ""),
                            Map.entry("beginsOn", "2027-02-09"),
                            Map.entry("endsOn", "2027-02-10"),
                            Map.entry("overlap", false),
                            Map.entry("classIds", List.of()),
                            Map.entry("version", 0))),
            Map.entry("/copies", Map.of("name", "x", "beginsOn", "2027-02-09", "endsOn", "2027-02-10")),
            Map.entry("/api/name-sets", Map.of("title", "x", "names", List.of("x"))),
            Map.entry("PUT /api/tasks/{taskId}", Map.of("version", 0, "name", "x", "versions", List.of(BASE))),
            Map.entry("/api/tasks/{taskId}/effects", Map.of("version", 0, "name", "x", "versions", List.of(BASE))),
            Map.entry("/tasks/handed-out", Map.of("tasks", List.of(1))),
            Map.entry("/begins", Map.of("begins", "2027-02-09T10:20")),
            Map.entry("/tasks/{taskId}/day", Map.of("versionId", 0, "day", "2027-02-09")),
            Map.entry("/days", Map.of("versionId", 0)),
            Map.entry("/tasks/{taskId}/groups", Map.of("versionId", 0, "groupId", 1)),
            Map.entry("/without", Map.of("students", List.of(1))),
            Map.entry("/extensions", Map.of("students", List.of(1), "days", 1)),
            Map.entry("/running", Map.of("students", List.of(1))),
            Map.entry("/ticks", Map.of("students", List.of(1), "done", true)),
            Map.entry(
                    "/api/tasks/{taskId}/stagger",
                    Map.of("versions", List.of(1, 2), "first", "2027-02-09T09:00", "step", 1)),
            Map.entry("/tasks/stagger", Map.of("tasks", List.of(1, 2), "first", "2027-02-09T09:00", "step", 1)),
            Map.entry("/week/moved", Map.of("begins", "2027-02-08", "weeks", 1)),
            Map.entry("/week/copied", Map.of("begins", "2027-02-08", "weeks", 1)),
            Map.entry("/sessions", SESSION),
            Map.entry("/sessions/{sessionId}", SESSION),
            Map.entry("/times", Map.of("minutesPerDay", 90, "meetings", List.of())),
            Map.entry("/settings", Map.of("version", 0, "readAloud", false, "tools", "", "alongside", "")),
            Map.entry("/written", Map.of("text", "x")),
            Map.entry("/flags", Map.of("questions", List.of(1))),
            Map.entry("/break", Map.of("begin", true)),
            Map.entry("/tasks/{taskId}/minutes", Map.of("tries", List.of(1), "minutes", 5)),
            Map.entry("/tries/{tryId}/minutes", Map.of("minutes", 5)),
            Map.entry("/progress/excused", Map.of("cells", CELLS, "excused", true)),
            Map.entry("/progress/reminders", Map.of("cells", CELLS)),
            Map.entry("/progress/extensions", Map.of("cells", CELLS, "days", 1)),
            Map.entry("/progress/another-try", Map.of("cells", CELLS)),
            Map.entry("/progress/undo", Map.of("cells", CELLS, "noteIds", List.of())),
            Map.entry(
                    "/marking",
                    Map.of(
                            "missingIsZero",
                            false,
                            "latePercentPerDay",
                            0,
                            "lateMostPercent",
                            0,
                            "lowPercent",
                            60,
                            "categories",
                            List.of(),
                            "version",
                            0)),
            Map.entry("/marking/tasks", Map.of("tasks", List.of(1), "counts", true, "counting", "BEST")),
            Map.entry("/answers/{questionId}/mark", Map.of("points", 1, "comment", "")),
            Map.entry("/tries/{tryId}/mark", Map.of("earned", 1, "possible", 2)),
            Map.entry("/corrected-keys", Map.of("questions", List.of(1))),
            Map.entry("/questions/{questionId}/taken-out", Map.of("how", "NOT_COUNTED")),
            Map.entry("/corrected-keys/undone", Map.of("ids", List.of(1))),
            Map.entry("/accepted", Map.of("questionId", 1, "given", "x", "points", 1)),
            Map.entry("/returned", Map.of("tries", List.of(1), "returned", true)),
            Map.entry("/api/phrases", Map.of("words", "x")),
            Map.entry("/aims", Map.of("measureId", 1, "aims", List.of(Map.of("studentId", 0)))),
            Map.entry("/remark", Map.of("text", "x", "returned", false)),
            Map.entry("/decision", Map.of("decision", "ACCEPTED")),
            Map.entry("/picture-entry", Map.of("allowed", true)),
            Map.entry("/my/device", Map.of("picture", 1, "pin", "4711")),
            Map.entry(
                    "/my/ease",
                    Map.of(
                            "textSize",
                            "LARGE",
                            "spacing",
                            "USUAL",
                            "typeface",
                            "USUAL",
                            "colours",
                            "USUAL",
                            "lineFocus",
                            false,
                            "clockHidden",
                            false)),
            Map.entry("/calendar/feeds", Map.of()),
            Map.entry("/answers/{questionId}", Map.of("given", "0")),
            Map.entry("/hand-out", Map.of("version", 0, "confirmNotCovered", true)),
            Map.entry("/take-back", Map.of("version", 0)),
            Map.entry("POST /api/classes", classEdit()),
            Map.entry("PUT /api/classes/{classId}", classEdit()),
            Map.entry("PUT /api/school/writing", Map.of("weekStarts", "MONDAY")),
            Map.entry("PUT /api/students/{studentId}/language", Map.of("chosen", "en")),
            Map.entry("PUT /api/students/{studentId}", Map.of("version", 0, "facts", FACTS, "tags", List.of())),
            Map.entry("/api/measures", MEASURE),
            Map.entry("PUT /api/measures/{measureId}", MEASURE),
            Map.entry("/cuts", Map.of("grade", 5, "season", "WINTER", "cuts", List.of())),
            Map.entry("/plans", Map.of("kind", "x", "source", "")),
            Map.entry("/accommodations", UNTIMED),
            Map.entry("/surveys", Map.of("question", "x", "options", List.of("a", "b"))),
            Map.entry("/surveys/{surveyId}", Map.of("ranked", List.of())),
            Map.entry("/replies/{studentId}", Map.of("ranked", List.of())),
            Map.entry("/narrowings", Map.of("name", "x", "query", "")),
            Map.entry(
                    "/groups/{groupId}/door",
                    Map.of("opened", true, "atOnce", true, "password", "shell", "version", 0)),
            Map.entry(
                    "/shared-arrangements/{arrangementId}",
                    Map.of("name", "x", "beginsOn", "2027-02-10", "endsOn", "2027-03-10")),
            Map.entry("/first-steps", Map.of("shown", true)),
            Map.entry("/api/account/language", Map.of("language", "en")),
            Map.entry("/rights", Map.of("administrator", true, "keepsShared", false)),
            Map.entry("/closed", Map.of("closed", false)),
            Map.entry("/let-in", Map.of("who", "SAME")),
            Map.entry("/groups/join", Map.of("code", "x", "password", "x")),
            Map.entry("/door", Map.of("opened", true, "password", "shell")),
            Map.entry(
                    "/api/school/adults",
                    Map.of("name", "x", "displayName", "x", "password", "0123456789", "administrator", true)),
            Map.entry("/password", Map.of("password", "0123456789", "before", "x")),
            Map.entry("/adults/{adultId}", Map.of("role", "VIEWER")),
            Map.entry(
                    "/calendar",
                    Map.of(
                            "terms",
                            List.of(Map.of("name", "x", "from", "2027-01-01", "to", "2027-02-01")),
                            "closedDays",
                            List.of(),
                            "day",
                            Map.of("starts", "08:45", "lunchStarts", "12:00", "lunchEnds", "12:45", "ends", "15:00"))),
            Map.entry("/api/school/system", Map.of("address", "", "nightly", false)));

    private WalkBodies() {}

    private static Map<String, Object> classEdit() {
        return Map.of("name", "x", "grade", 5, "subject", "", "termIds", List.of());
    }

    static Object of(String endpoint, Map<String, Object> places) {
        Object student = places.get("studentId");
        if (endpoint.endsWith("/entry-codes")) {
            return Map.of("deed", "RENEW", "students", List.of(student));
        }
        if (endpoint.equals("POST /api/accommodations")) {
            return Map.of("students", List.of(student), "granted", UNTIMED);
        }
        if (endpoint.equals("POST /api/accommodations/end")) {
            return Map.of("granted", List.of(Map.of("studentId", student, "id", 1)));
        }
        if (endpoint.endsWith("/students/deeds")) {
            return Map.of("kind", "ARCHIVE", "students", List.of(student));
        }
        List<Object> items = List.of(places.get("itemId"));
        if (endpoint.endsWith("/shelf/items")) {
            return Map.of("items", items, "starred", false);
        }
        if (endpoint.endsWith("/taken-off") || endpoint.endsWith("/materials")) {
            return Map.of("items", items);
        }
        if (endpoint.endsWith("/pair-notes")) {
            return Map.of("oneId", student, "otherId", student, "kind", "WORKS_WELL", "weight", 1);
        }
        if (endpoint.endsWith("/score-sheet")) {
            return Map.of(
                    "on", "2027-02-02", "cells", List.of(Map.of("studentId", student, "measureId", 1, "typed", "5")));
        }
        if (endpoint.equals("POST /api/school/adults/{adultId}/password")) {
            return Map.of("password", "0123456789");
        }
        return BY_END.entrySet().stream()
                .filter(each -> endpoint.endsWith(each.getKey()))
                .max(Comparator.comparingInt(each -> each.getKey().length()))
                .map(Map.Entry::getValue)
                .orElse(Map.of("name", "x"));
    }

    /** What a path must be asked with to be understood at all; empty where nothing. */
    static String queryOf(String method, String path) {
        if (method.equals("DELETE") && path.startsWith("/api/tasks/")) {
            return "?version=0";
        }
        if (method.equals("GET") && path.equals("/api/library/packages")) {
            return "?items=1";
        }
        return QUERIES.entrySet().stream()
                .filter(each -> path.endsWith(each.getKey()))
                .map(Map.Entry::getValue)
                .findFirst()
                .orElse("");
    }

    private static final Map<String, String> QUERIES = Map.of(
            "/export", "?what=STUDENTS&as=CSV",
            "/growth", "?measureId=1",
            "/reports", "?kind=FAMILY_LETTER",
            "/reports.pdf", "?kind=FAMILY_LETTER",
            "/preparing-items", "?skills=1",
            "/marks-file", "?as=CSV",
            "/leavers", "?before=2026-08-01",
            "/score-sheet", "?on=2027-02-02",
            "/api/library/questions", "?ids=1");
}
