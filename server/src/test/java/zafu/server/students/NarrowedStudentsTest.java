package zafu.server.students;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.need.Support;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.measure.ScoresNow;
import zafu.server.need.Needs.NeedMark;
import zafu.server.students.StudentsApi.StudentShown;

/** Narrowing and sorting, on their own. */
class NarrowedStudentsTest {
    private static final long READING = 7;
    private static final List<StudentShown> ALL = List.of(
            student(1, "Zoë", "Ash", 5, 500.0, 1, null, List.of("crew")),
            student(2, "Émile", "Bell", 6, 700.0, 2, "2027-02-09T10:00:00Z", List.of()),
            student(3, "Edda", "ash", 5, null, null, "2027-02-08T10:00:00Z", List.of("boats", "crew")),
            student(4, "eleni", "Cole", 4, 500.0, 1, "2027-02-07T10:00:00Z", List.of()));
    private static final List<GroupWithMembers> GROUPS = List.of(group(31, 3, 1, 2), group(32, 3, 4), group(41, 4, 3));

    private static StudentShown student(
            long id,
            String given,
            String family,
            int grade,
            @Nullable Double score,
            @Nullable Integer band,
            @Nullable String lastHere,
            List<String> tags) {
        List<ScoresNow.Score> scores = score == null
                ? List.of()
                : List.of(new ScoresNow.Score(
                        READING, score, LocalDate.parse("2027-02-02"), false, band, "x", List.of(score)));
        List<NeedMark> needs =
                id == 2 ? List.of(new NeedMark(Support.EXTENDED_TIME, new BigDecimal("1.5"), "")) : List.of();
        List<Long> groups =
                switch ((int) id) {
                    case 1, 2 -> List.of(31L);
                    case 4 -> List.of(32L);
                    default -> List.of(41L);
                };
        return new StudentShown(
                id,
                given,
                family,
                grade,
                grade + " Heron",
                "21" + id,
                "",
                tags,
                List.of(1L),
                scores,
                needs,
                groups,
                lastHere == null ? null : Instant.parse(lastHere),
                true,
                false);
    }

    private static GroupWithMembers group(long id, long arrangement, long... members) {
        return new GroupWithMembers(
                new GroupId(id),
                arrangement,
                "A",
                "G" + id,
                0,
                Set.copyOf(LongStream.of(members).mapToObj(StudentId::new).toList()),
                null);
    }

    /** A narrowing by one field. */
    private static Narrowing by(String field, @Nullable String value) {
        return new Narrowing(
                null,
                field.equals("grade") ? Integer.valueOf(value) : null,
                field.equals("home") ? value : null,
                field.equals("group") ? Long.valueOf(value) : null,
                field.equals("notIn") ? Long.valueOf(value) : null,
                Set.of("band", "from", "to", "between").contains(field) ? READING : null,
                field.equals("band") ? Integer.valueOf(value) : null,
                Set.of("from", "between").contains(field) ? Double.valueOf(value) : null,
                Set.of("to", "between").contains(field) ? Double.valueOf(value) : null,
                field.equals("need") ? Support.valueOf(value) : null,
                field.equals("tag") ? value : null,
                field.equals("text") ? value : null,
                field.equals("signedIn") ? Narrowing.SignedIn.valueOf(value) : null,
                null,
                field.equals("sort") || field.equals("sortDown") ? value : null,
                field.equals("sortDown"));
    }

    private static List<Long> ids(Narrowing narrowing) {
        return new NarrowedStudents(narrowing, GROUPS)
                .of(ALL).stream().map(StudentShown::id).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "grade, 5, '3,1'",
        "home, 6 Heron, '2'",
        "group, 31, '2,1'",
        "group, 99, ''",
        "notIn, 3, '3'",
        "notIn, 4, '4,2,1'",
        "band, 1, '4,1'",
        "band, 0, ''",
        "from, 500, '4,2,1'",
        "from, 500.5, '2'",
        "to, 500, '4,1'",
        "between, 700, '2'",
        "need, EXTENDED_TIME, '2'",
        "need, READ_ALOUD, ''",
        "tag, crew, '3,1'",
        "text, ASH, '3,1'",
        "text, 212, '2'",
        "text, boat, '3'",
        "text, '  ', '3,4,2,1'",
        "signedIn, NEVER, '1'",
        "signedIn, EVER, '3,4,2'"
    })
    void eachFieldLeavesThoseThatFitInTheOrderOfNames(String field, String value, String expected) {
        List<Long> wanted = expected.isEmpty()
                ? List.of()
                : List.of(expected.split(",")).stream().map(Long::valueOf).toList();
        assertThat(ids(by(field, value))).isEqualTo(wanted);
    }

    @ParameterizedTest
    @CsvSource({
        "sort, name, '3,4,2,1'",
        "sortDown, name, '1,2,4,3'",
        "sort, family, '3,1,2,4'",
        "sort, grade, '4,3,1,2'",
        "sortDown, grade, '2,3,1,4'",
        "sort, home, '4,3,1,2'",
        "sort, m7, '4,1,2,3'",
        "sortDown, m7, '2,4,1,3'",
        "sort, m99, '3,4,2,1'",
        "sort, lastHere, '4,3,2,1'",
        "sortDown, lastHere, '2,3,4,1'"
    })
    void namesSortAsPeopleSortThemAndMissingValuesComeLast(String field, String value, String expected) {
        assertThat(ids(by(field, value)))
                .containsExactly(
                        List.of(expected.split(",")).stream().map(Long::valueOf).toArray(Long[]::new));
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 5, 6})
    void theOrderInWhichTheyComeDoesNotMatter(int seed) {
        List<StudentShown> shuffled = new ArrayList<>(ALL);
        Collections.shuffle(shuffled, new Random(seed));
        for (String sort : List.of("name", "family", "grade", "home", "lastHere", "m7")) {
            Narrowing narrowing = by(seed % 2 == 0 ? "sort" : "sortDown", sort);
            assertThat(new NarrowedStudents(narrowing, GROUPS).of(shuffled))
                    .as(sort)
                    .isEqualTo(new NarrowedStudents(narrowing, GROUPS).of(ALL));
        }
    }

    @Test
    void needsThatAreNotShownAreNotNarrowedBy() {
        StudentShown hidden = new StudentShown(
                9, "A", "B", 5, "", "", "", List.of(), List.of(), List.of(), null, List.of(), null, true, false);
        assertThat(new NarrowedStudents(by("need", "EXTENDED_TIME"), GROUPS).of(List.of(hidden)))
                .isEmpty();
    }
}
