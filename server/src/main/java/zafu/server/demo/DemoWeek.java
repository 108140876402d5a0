package zafu.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import zafu.server.platform.TravellingClock;

/** What Ottoline Farrow and her class did up to the morning on which the demo opens. */
final class DemoWeek {
    private final int port;
    private final TravellingClock clock;
    private final HttpCaller teacher;
    private final Map<String, JsonNode> students = new LinkedHashMap<>();
    private final DemoLibrary library;

    DemoWeek(int port, TravellingClock clock) {
        this.port = port;
        this.clock = clock;
        this.teacher = new HttpCaller(port);
        this.library = new DemoLibrary(teacher);
    }

    /** Plays it all. */
    void play() {
        clock.set(DemoFiller.at("2026-09-14T15:30"));
        teacher.signInAdult(DemoFiller.TEACHER, DemoFiller.PASSWORD);
        long classId = bringIn("5-heron-2026-09-14.csv", "2026-09-14", null);
        library.bringInSkills();
        clock.set(DemoFiller.at("2026-09-15T07:30"));
        DemoPeople.takeFromSchoolSystem(teacher);
        clock.set(DemoFiller.at("2026-11-16T15:30"));
        bringIn("5-heron-2026-11-16.csv", "2026-11-16", classId);
        DemoProgress progress = new DemoProgress(teacher, clock, classId);
        progress.watch();
        clock.set(DemoFiller.at("2027-01-19T15:30"));
        bringIn("5-heron-skills-2027-01-19.csv", "2027-01-19", classId);
        clock.set(DemoFiller.at("2027-01-26T15:30"));
        bringIn("5-heron-2027-01-26.csv", "2027-01-26", classId);
        clock.set(DemoFiller.at("2027-02-02T15:30"));
        bringIn("5-heron-2027-02-02.csv", "2027-02-02", classId);
        bringIn("5-heron-2027-02-05.csv", "2027-02-05", classId);
        teacher.get("/api/classes/" + classId + "/students")
                .ok()
                .forEach(student -> students.put(student.get("givenName").asString(), student));
        clock.set(DemoFiller.at("2027-02-03T15:30"));
        bringIn("5-heron-skills-2027-02-03.csv", "2027-02-03", classId);
        clock.set(DemoFiller.at("2027-02-04T15:30"));
        bringIn("5-heron-2027-02-04.csv", "2027-02-04", classId);
        DemoPeople people = new DemoPeople(port, teacher, students);
        people.setNeeds();
        clock.set(DemoFiller.at("2027-02-05T09:30"));
        people.wish(classId);
        people.bringInNeighbours(Resources.read("5-kestrel-2027-02-02.csv"));
        library.fill();
        long reading = arrange(classId, "Salt-marsh reading", "reading", "SIMILAR", 4);
        long project = arrange(classId, "Marsh project", "science", "BY_HAND", 2);
        shapeProject(project);
        placeNotes(reading);
        shelve(reading);
        DemoPlan plan = new DemoPlan(teacher, library, classId, reading, groupsOf(reading));
        plan.meet();
        progress.aim(this::id);
        finishedTask(classId, reading);
        List<Long> groups = groupsOf(reading);
        progress.letter(reading, groups.get(3), this::signedIn);
        new DemoCorners(teacher, clock, classId)
                .open(
                        reading,
                        List.of(groups.get(3), groups.get(1)),
                        List.of("Wren", "Amara", "Calla"),
                        this::signedIn);
        long open = handOutOpenTask(classId, reading);
        plan.handOut();
        plan.sit();
        work(open);
        draft(classId, reading, project);
        plan.prepare();
    }

    /** Who signs in how, for whoever starts the demo. */
    String signIns() {
        return "teacher: name " + DemoFiller.TEACHER + ", password " + DemoFiller.PASSWORD + "\n"
                + "student: Umi, code " + code("Umi") + " (time and a half)\n"
                + "student: Hana, code " + code("Hana") + "\n"
                + "student: Wren, code " + code("Wren") + " (in a group with a corner)\n";
    }

    private HttpCaller signedIn(String givenName) {
        return new HttpCaller(port).signInStudent(code(givenName));
    }

    private String code(String givenName) {
        return student(givenName).get("entryCode").asString();
    }

    private JsonNode student(String givenName) {
        JsonNode found = students.get(givenName);
        if (found == null) {
            throw new IllegalStateException("the demo has no student " + givenName);
        }
        return found;
    }

    private long id(String givenName) {
        return student(givenName).get("id").asLong();
    }

    private long bringIn(String file, String takenOn, @Nullable Long classId) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        if (classId != null) {
            wanted.put("classId", classId);
        }
        wanted.put("className", classId == null ? "5 Heron" : "");
        wanted.put("grade", 5);
        wanted.put("takenOn", takenOn);
        wanted.put("pasted", false);
        JsonNode taken =
                teacher.upload("/api/class-lists", Resources.read(file), wanted).ok();
        return taken.get("classId").asLong();
    }

    /** What each group should look at first. */
    private void shelve(long reading) {
        List<Long> groups = groupsOf(reading);
        library.shelve(groups.get(0), false, "Word hunt", "Crab tracks", "Mud between our toes");
        library.shelve(groups.get(1), false, "Webcam on the marsh", "Salt on the leaf", "The heron waits");
        library.shelve(groups.get(2), false, "Tide clock", "The tide clock of Quillmere", "When the wall came down");
        library.shelve(groups.get(3), false, "Moon diary", "A letter to the town council", "What the mud remembers");
    }

    private long arrange(long classId, String name, String subject, String method, int groups) {
        long measure = teacher.get("/api/measures").ok().get(0).get("id").asLong();
        long id = teacher.post(
                        "/api/classes/" + classId + "/arrangements",
                        Map.of(
                                "name", name,
                                "subject", subject,
                                "beginsOn", "2027-02-09",
                                "endsOn", "2027-03-12",
                                "measureId", measure))
                .ok()
                .get("id")
                .asLong();
        Map<String, Object> proposal =
                Map.of("method", method, "measureId", measure, "groups", groups, "smallest", 3, "largest", 8);
        step(id, Map.of("kind", "TAKE_PROPOSAL", "proposal", proposal));
        return id;
    }

    private JsonNode step(long arrangementId, Map<String, Object> command) {
        return teacher.post("/api/arrangements/" + arrangementId + "/steps", command)
                .ok();
    }

    private List<Long> groupsOf(long arrangementId) {
        List<Long> ids = new ArrayList<>();
        teacher.get("/api/arrangements/" + arrangementId)
                .ok()
                .get("groups")
                .forEach(group -> ids.add(group.get("id").asLong()));
        return ids;
    }

    private void shapeProject(long project) {
        List<Long> groups = groupsOf(project);
        step(project, Map.of("kind", "RENAME", "groupId", groups.get(0), "text", "Ebb"));
        step(project, Map.of("kind", "RENAME", "groupId", groups.get(1), "text", "Flow"));
        step(project, Map.of("kind", "PLACE", "groupId", groups.get(0), "students", List.of(id("Farid"))));
        step(project, Map.of("kind", "PLACE", "groupId", groups.get(1), "students", List.of(id("Ivo"), id("Wren"))));
    }

    private void placeNotes(long reading) {
        Iterator<String> notes = List.of(
                        "Wen at the table daily, decoding long words",
                        "Vocabulary first, then partner reading",
                        "Cause and effect in paragraphs",
                        "Move past the text: compare two sources")
                .iterator();
        groupsOf(reading)
                .forEach(group -> step(reading, Map.of("kind", "NOTE", "groupId", group, "text", notes.next())));
    }

    private long newTask(long classId, String name, long arrangement) {
        return teacher.post("/api/classes/" + classId + "/tasks", Map.of("name", name, "arrangementId", arrangement))
                .ok()
                .get("id")
                .asLong();
    }

    /** Last week's practice, for two groups only. */
    private void finishedTask(long classId, long reading) {
        clock.set(DemoFiller.at("2027-02-02T16:00"));
        long task = newTask(classId, "Marsh words in use", reading);
        DemoTask edit = new DemoTask(teacher, task, reading);
        edit.base("Marsh words", List.of(), library.questions("Marsh words in use", 5))
                .set("opens", "2027-02-03T09:00")
                .set("due", "2027-02-04T15:00")
                .set("targets", DemoTask.toGroups(groupsOf(reading).subList(0, 2)));
        edit.save();
        edit.handOut();
        clock.set(DemoFiller.at("2027-02-03T11:05"));
        String[] right = {"Odin 4", "Quentin 2", "Rosalind 3", "Juniper 5", "Farid 3", "Greta 4", "Nadia 4", "Yusuf 5"};
        for (String each : right) {
            doTry(task, each.split(" ")[0], Integer.parseInt(each.split(" ")[1]), true);
        }
        clock.set(DemoFiller.at("2027-02-05T09:10"));
        doTry(task, "Umi", 4, true);
    }

    private long handOutOpenTask(long classId, long reading) {
        clock.set(DemoFiller.at("2027-02-04T16:10"));
        long task = newTask(classId, "The marsh drinks twice", reading);
        List<Long> groups = groupsOf(reading);
        DemoTask edit = new DemoTask(teacher, task, reading);
        edit.base(
                        "The marsh drinks twice",
                        List.of(library.item("Moon, tide, marsh")),
                        library.questions("Why the marsh floods", 8))
                .set("minutes", 20)
                .set("opens", "2027-02-05T09:00")
                .set("due", "2027-02-10T15:00");
        edit.version("As it is", List.of(groups.get(2), groups.get(3)));
        edit.version("Short text", List.of(groups.get(0), groups.get(1)))
                .own("TEXTS", "texts", List.of(library.item("The marsh drinks twice")))
                .own("QUESTIONS", "questions", library.questions("Why the marsh floods", 6))
                .own("DUE", "due", "2027-02-08T15:00");
        edit.save();
        edit.handOut();
        return task;
    }

    private void work(long task) {
        String[] friday = {"Juniper 6", "Greta 4", "Odin 5", "Hana 7", "Linnea 6", "Wren 8", "Amara 7", "Soren 8"};
        for (String each : friday) {
            clock.set(DemoFiller.at("2027-02-05T10:20"));
            doTry(task, each.split(" ")[0], Integer.parseInt(each.split(" ")[1]), true);
        }
        String[] monday = {"Farid 4", "Nadia 5", "Tamsin 2", "Bodhi 8", "Esme 5", "Calla 7"};
        for (String each : monday) {
            clock.set(DemoFiller.at("2027-02-08T13:45"));
            doTry(task, each.split(" ")[0], Integer.parseInt(each.split(" ")[1]), true);
        }
        clock.set(DemoFiller.at("2027-02-08T17:30"));
        doTry(task, "Rosalind", 3, true);
        clock.set(DemoFiller.at("2027-02-09T08:04"));
        doTry(task, "Kofi", 3, false);
        doTry(task, "Viggo", 2, false);
    }

    /** Answers the first questions rightly, one more wrongly, and hands in or not. */
    private void doTry(long task, String name, int right, boolean handIn) {
        HttpCaller own = new HttpCaller(port).signInStudent(code(name));
        JsonNode page = own.post("/api/my/tasks/" + task + "/tries", null).ok();
        long tryId = page.get("id").asLong();
        int place = 0;
        for (JsonNode question : page.get("questions")) {
            boolean rightly = place++ < right;
            if (rightly || handIn) {
                own.put(
                                "/api/my/tries/" + tryId + "/answers/"
                                        + question.get("id").asLong(),
                                Map.of("given", rightly ? rightAnswer(question) : wrongAnswer(question)))
                        .ok();
            }
        }
        if (handIn) {
            own.post("/api/my/tries/" + tryId + "/hand-in", null).ok();
        }
    }

    private String rightAnswer(JsonNode asked) {
        JsonNode body = library.question(asked.get("id").asLong()).get("body");
        if (body.has("right")) {
            return body.get("right").asString();
        }
        return body.has("value")
                ? body.get("value").asString()
                : body.get("accepted").get(0).asString();
    }

    private String wrongAnswer(JsonNode asked) {
        JsonNode sheet = asked.get("sheet");
        return sheet.get("kind").asString().equals("SINGLE_CHOICE")
                ? String.valueOf(sheet.get("parts").size() - 1)
                : "0";
    }

    private void draft(long classId, long reading, long project) {
        clock.set(DemoFiller.at("2027-02-08T18:20"));
        long task = newTask(classId, "Why the marsh floods twice a day", reading);
        List<Long> groups = groupsOf(reading);
        DemoTask edit = new DemoTask(teacher, task, reading);
        edit.base(
                        "Why the marsh floods",
                        List.of(library.item("Moon, tide, marsh")),
                        library.questions("Why the marsh floods", 8))
                .set("minutes", 20)
                .set("opens", "2027-02-09T09:00")
                .set("due", "2027-02-12T15:00");
        List<Long> both = new ArrayList<>(List.of(library.item("Moon, tide, marsh")));
        both.add(library.item("A keeper's diary"));
        List<Long> more = new ArrayList<>(library.questions("Why the marsh floods", 8));
        more.addAll(library.questions("A keeper's diary: three questions", 3));
        edit.version("Two sources", List.of(groups.get(3), groupsOf(project).get(0)))
                .own("TEXTS", "texts", both)
                .own("QUESTIONS", "questions", more)
                .own("MINUTES", "minutes", 30);
        edit.version("As it is", List.of(groups.get(2)));
        edit.version("Short text", List.of(groups.get(0), groups.get(1)))
                .own("TEXTS", "texts", List.of(library.item("The marsh drinks twice")))
                .own("QUESTIONS", "questions", library.questions("Why the marsh floods", 6))
                .own("OPENS", "opens", "2027-02-10T09:00")
                .own("TRIES", "tries", 2);
        edit.save();
    }

    /** Files that ship with the demo. */
    static final class Resources {
        private Resources() {}

        static byte[] read(String name) {
            try (InputStream in = DemoWeek.class.getResourceAsStream("/demo/" + name)) {
                if (in == null) {
                    throw new IllegalStateException("the demo has no file " + name);
                }
                return in.readAllBytes();
            } catch (IOException broken) {
                throw new UncheckedIOException(broken);
            }
        }
    }
}
