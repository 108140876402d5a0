package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import tools.jackson.databind.JsonNode;
import zafu.core.work.AttemptAtWork;
import zafu.core.work.CountingTry;
import zafu.core.work.InMark;
import zafu.core.work.Where;
import zafu.core.work.WorkSoFar;
import zafu.core.work.WorkStanding;

/** 500 situations, and every place that says where work stands says what core says of it. Rule 5a. */
class StandingEverywhereTest extends ServerTest {
    private static final int STUDENTS = 25;
    private static final int TASKS = 20;
    private static final Instant NOW = at("2027-02-09T08:10");
    private final Random random = new Random(500);
    private final Map<Piece, WorkStanding<Attempt>> expected = new LinkedHashMap<>();
    private final List<Long> tasks = new ArrayList<>();
    private TestClass own;

    @Autowired
    JdbcClient database;

    private record Piece(int student, int task) {}

    private record Attempt(
            long id, Instant beganAt, Optional<Instant> endedAt, Optional<Double> earned, double possible)
            implements AttemptAtWork {
        @Override
        public OptionalDouble markedShare() {
            return earned.map(points -> OptionalDouble.of(points / possible)).orElseGet(OptionalDouble::empty);
        }
    }

    @BeforeEach
    void makeTheSituations() {
        own = newClass("five hundred", STUDENTS);
        own.teacher
                .put(
                        "/api/classes/" + own.id + "/marking",
                        Map.of(
                                "missingIsZero", true,
                                "latePercentPerDay", 0,
                                "lateMostPercent", 0,
                                "lowPercent", 60,
                                "version", 0,
                                "categories", List.of()))
                .ok();
        for (int i = 0; i < TASKS; i++) {
            makeTask(i);
        }
    }

    private void makeTask(int place) {
        LocalDateTime now = LocalDateTime.parse("2027-02-09T08:10");
        LocalDateTime opens = random.nextInt(3) == 0 ? null : now.plusDays(random.nextInt(6) - 4);
        LocalDateTime due =
                random.nextInt(4) == 0 ? null : (opens == null ? now.minusDays(2) : opens).plusDays(random.nextInt(5));
        LocalDateTime last = due != null ? due : opens != null ? opens : now.minusDays(2);
        LocalDateTime closes = random.nextInt(2) == 0 ? null : last.plusDays(random.nextInt(4));
        List<Long> given = new ArrayList<>();
        for (int student = 1; student <= STUDENTS; student++) {
            if (random.nextInt(6) > 0) {
                given.add(own.student(student));
            }
        }
        long task = own.draft(TestClass.targets(false, List.of(), given, List.of()));
        Map<String, Object> base = own.version("Base", TestClass.targets(false, List.of(), given, List.of()));
        long version = own.task(task).get("versions").get(0).get("id").asLong();
        base.put("id", version);
        base.put("tries", 4);
        putMoment(base, "opens", opens);
        putMoment(base, "due", due);
        putMoment(base, "closes", closes);
        own.change(task, List.of(base)).ok();
        own.handOut(task, true).ok();
        CountingTry counting = place % 2 == 0 ? CountingTry.BEST : CountingTry.LAST;
        own.teacher
                .put(
                        "/api/classes/" + own.id + "/marking/tasks",
                        Map.of("tasks", List.of(task), "counts", true, "counting", counting))
                .ok();
        tasks.add(task);
        for (int student = 1; student <= STUDENTS; student++) {
            boolean isGiven = given.contains(own.student(student));
            boolean excused = random.nextInt(8) == 0;
            List<Attempt> attempts = random.nextInt(2) == 0 ? List.of() : attempts(task, version, own.student(student));
            boolean askedAgain = !attempts.isEmpty() && random.nextInt(3) == 0;
            note(excused, "EXCUSED", task, student);
            note(askedAgain, "ASKED_AGAIN", task, student);
            expected.put(
                    new Piece(student, place),
                    new WorkSoFar<>(
                                    isGiven,
                                    isGiven ? moment(opens) : Optional.empty(),
                                    isGiven ? moment(due) : Optional.empty(),
                                    isGiven ? moment(closes) : Optional.empty(),
                                    excused,
                                    attempts,
                                    attempts.size() + (askedAgain ? 1 : 0),
                                    counting,
                                    true)
                            .at(NOW));
        }
    }

    private static void putMoment(Map<String, Object> version, String field, LocalDateTime local) {
        if (local != null) {
            version.put(field, local.toString());
        }
    }

    private static Optional<Instant> moment(LocalDateTime local) {
        return Optional.ofNullable(local).map(each -> at(each.toString()));
    }

    private List<Attempt> attempts(long task, long version, long student) {
        List<Attempt> made = new ArrayList<>();
        int count = 1 + random.nextInt(3);
        for (int number = 1; number <= count; number++) {
            Instant began = NOW.minus(Duration.ofHours(100 - 20L * number));
            boolean running = number == count && random.nextInt(4) == 0;
            boolean marked = !running && random.nextInt(4) > 0;
            Optional<Instant> ended = running ? Optional.empty() : Optional.of(began.plus(Duration.ofMinutes(30)));
            Optional<Double> earned = marked ? Optional.of((double) random.nextInt(4)) : Optional.empty();
            long id = insert(task, version, student, number, began, ended, earned);
            made.add(new Attempt(id, began, ended, earned, 3));
        }
        return made;
    }

    private long insert(
            long task,
            long version,
            long student,
            int number,
            Instant began,
            Optional<Instant> ended,
            Optional<Double> earned) {
        database.sql(
                        "insert into attempt (task_id, version_id, student_id, number, started_at, handed_in_at, handed_in_by,"
                                + " earned, possible, to_mark, version) values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 0)")
                .params(
                        task,
                        version,
                        student,
                        number,
                        java.sql.Timestamp.from(began),
                        ended.map(java.sql.Timestamp::from).orElse(null),
                        ended.isPresent() ? "STUDENT" : null,
                        earned.orElse(null),
                        ended.isPresent() ? 3.0 : null,
                        ended.isPresent() && earned.isEmpty() ? 1 : 0)
                .update();
        return database.sql("select max(id) from attempt").query(Long.class).single();
    }

    private void note(boolean said, String kind, long task, int student) {
        if (said) {
            database.sql("insert into work_note (task_id, student_id, kind, adult_id, noted_at) values (?, ?, ?, 1, ?)")
                    .params(task, own.student(student), kind, java.sql.Timestamp.from(NOW.minus(Duration.ofMinutes(5))))
                    .update();
        }
    }

    private void everyPiece(java.util.function.BiConsumer<Piece, WorkStanding<Attempt>> check) {
        expected.forEach((piece, standing) -> {
            try {
                check.accept(piece, standing);
            } catch (AssertionError disagrees) {
                throw new AssertionError(piece + " is " + standing + ": " + disagrees.getMessage(), disagrees);
            }
        });
    }

    private JsonNode ask(String path) {
        return own.teacher.get("/api/classes/" + own.id + path).ok();
    }

    private Map<Piece, JsonNode> cells() {
        JsonNode grid = ask("/progress");
        Map<Piece, JsonNode> cells = new HashMap<>();
        grid.get("groups").forEach(group -> group.get("students").forEach(row -> row.get("cells")
                .forEach(cell -> cells.put(
                        new Piece(
                                numberOf(row.get("id").asLong()),
                                tasks.indexOf(grid.get("tasks")
                                        .get(cell.get("column").asInt())
                                        .get("id")
                                        .asLong())),
                        cell))));
        return cells;
    }

    private int numberOf(long studentId) {
        for (int student = 1; student <= STUDENTS; student++) {
            if (own.student(student) == studentId) {
                return student;
            }
        }
        throw new AssertionError("no student " + studentId);
    }

    @Test
    void everyPlaceSaysTheSame() {
        assertThat(expected).hasSize(STUDENTS * TASKS);
        assertThat(expected.values()).extracting(WorkStanding::where).contains(Where.values());
        theGrid();
        theLowResults();
        theMarks();
        today();
        myWork();
        theWeek();
        theFile();
    }

    private void theGrid() {
        Map<Where, String> states = new HashMap<>(Map.of(
                Where.EXCUSED, "EXCUSED",
                Where.NOT_OPEN_YET, "NOT_OPEN",
                Where.OPEN, "NOT_STARTED",
                Where.WORKING, "NOW",
                Where.HANDED_IN, "HANDED_IN",
                Where.MARKED, "HANDED_IN",
                Where.TO_DO_AGAIN, "AGAIN",
                Where.OVERDUE, "LATE",
                Where.MISSED, "MISSED"));
        Map<Piece, JsonNode> cells = cells();
        everyPiece((piece, standing) -> {
            JsonNode cell = cells.get(piece);
            assertThat(cell == null ? null : cell.get("state").asString()).isEqualTo(states.get(standing.where()));
            if (cell != null && standing.where() != Where.WORKING) {
                standing.result().ifPresent(result -> {
                    assertThat(cell.get("tryId").asLong()).isEqualTo(result.id());
                    assertThat(cell.get("earned").asDouble())
                            .isEqualTo(result.earned().orElseThrow());
                });
                assertThat(cell.has("late")).isEqualTo(standing.late());
            }
        });
    }

    private void theLowResults() {
        Set<Piece> low = new HashSet<>();
        ask("/low-results")
                .get("results")
                .forEach(each -> low.add(new Piece(
                        numberOf(each.get("studentId").asLong()),
                        tasks.indexOf(each.get("taskId").asLong()))));
        everyPiece((piece, standing) -> {
            boolean settled = standing.where().isHandedIn() || standing.where() == Where.TO_DO_AGAIN;
            boolean under = standing.result()
                    .filter(each -> each.markedShare().orElseThrow() < 0.6)
                    .isPresent();
            assertThat(low.contains(piece)).isEqualTo(settled && under);
        });
    }

    private void theMarks() {
        Map<Piece, JsonNode> parts = new HashMap<>();
        for (int student = 1; student <= STUDENTS; student++) {
            int number = student;
            ask("/marks/" + own.student(student)).get("categories").forEach(category -> category.get("parts")
                    .forEach(part -> parts.put(
                            new Piece(number, tasks.indexOf(part.get("taskId").asLong())), part)));
        }
        everyPiece((piece, standing) -> {
            JsonNode part = parts.get(piece);
            if (standing.where() == Where.NOT_GIVEN) {
                assertThat(part).isNull();
                return;
            }
            String why = part.get("why").asString();
            assertThat(why.equals("MARKED")).isEqualTo(standing.inMark() == InMark.RESULT);
            assertThat(why.equals("MISSING_IS_ZERO")).isEqualTo(standing.inMark() == InMark.NOUGHT);
            assertThat(why.equals("EXCUSED")).isEqualTo(standing.where() == Where.EXCUSED);
            if (standing.inMark() == InMark.RESULT) {
                assertThat(part.get("earned").asDouble())
                        .isEqualTo(standing.result().orElseThrow().earned().orElseThrow());
            }
        });
    }

    private void today() {
        Set<Piece> overdue = new HashSet<>();
        ask("/today").get("overdue").forEach(task -> task.get("students")
                .forEach(each -> overdue.add(new Piece(
                        numberOf(each.get("id").asLong()),
                        tasks.indexOf(task.get("id").asLong())))));
        everyPiece(
                (piece, standing) -> assertThat(overdue.contains(piece)).isEqualTo(standing.where() == Where.OVERDUE));
    }

    private void myWork() {
        Map<Piece, String> cards = new HashMap<>();
        for (int student = 1; student <= STUDENTS; student++) {
            int number = student;
            own.signedIn(student)
                    .get("/api/my/work")
                    .ok()
                    .get("cards")
                    .forEach(card -> cards.put(
                            new Piece(number, tasks.indexOf(card.get("taskId").asLong())),
                            card.get("when").asString()));
        }
        everyPiece((piece, standing) -> {
            String when = cards.get(piece);
            switch (standing.where()) {
                case NOT_GIVEN -> assertThat(when).isNull();
                case HANDED_IN, MARKED -> assertThat(when).isIn("DONE", null);
                case EXCUSED -> assertThat(when).isIn("DONE", "GOING_ON", null);
                case WORKING -> assertThat(when).isIn("GOING_ON", null);
                case NOT_OPEN_YET -> assertThat(when).isEqualTo("LATER");
                case MISSED -> assertThat(when).isEqualTo("MISSED");
                case OPEN, OVERDUE, TO_DO_AGAIN -> assertThat(when).isIn("NOW", "NEXT", null);
            }
            // Who has no version any more keeps what they did on the teacher's pages alone.
            boolean given = when != null;
            assertThat(given || standing.where() == Where.NOT_GIVEN || !isGiven(piece))
                    .isTrue();
        });
    }

    private boolean isGiven(Piece piece) {
        return own.task(tasks.get(piece.task()))
                .get("versions")
                .get(0)
                .get("targets")
                .get("students")
                .valueStream()
                .anyMatch(each -> each.asLong() == own.student(piece.student()));
    }

    private void theWeek() {
        Map<Integer, Integer> handedIn = new HashMap<>();
        for (String begins : List.of("2027-01-25", "2027-02-01", "2027-02-08", "2027-02-15")) {
            ask("/week?day=" + begins).get("rows").forEach(row -> row.get("bars")
                    .forEach(bar -> handedIn.put(
                            tasks.indexOf(bar.get("taskId").asLong()),
                            bar.get("handedIn").asInt())));
        }
        assertThat(handedIn).hasSizeGreaterThan(TASKS / 2);
        handedIn.forEach((task, count) -> {
            long expectedCount = expected.entrySet().stream()
                    .filter(each -> each.getKey().task() == task)
                    .filter(each -> isGiven(each.getKey()))
                    .filter(each -> each.getValue().where().isHandedIn())
                    .count();
            assertThat(count).as("task " + task).isEqualTo((int) expectedCount);
        });
    }

    /** The list of marks that goes out has a mark for each of those who have one. */
    private void theFile() {
        JsonNode students = ask("/marks").get("students");
        students.forEach(row -> {
            int number = numberOf(row.get("id").asLong());
            double earned = 0;
            double possible = 0;
            for (int task = 0; task < TASKS; task++) {
                WorkStanding<Attempt> standing = expected.get(new Piece(number, task));
                if (standing.inMark() != InMark.NOT) {
                    earned += standing.inMark() == InMark.RESULT
                            ? standing.result().orElseThrow().earned().orElseThrow()
                            : 0;
                    possible += 3;
                }
            }
            assertThat(row.get("mark").asDouble())
                    .isEqualTo(earned / possible, org.assertj.core.api.Assertions.within(1e-9));
        });
    }
}
