package zafu.server.students;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.measure.ScoresNow;
import zafu.server.students.StudentsApi.StudentShown;

/** Narrows and sorts rows of the table. */
final class NarrowedStudents {
    private final Narrowing by;
    private final List<GroupWithMembers> groups;
    private final AlphabetOrder alphabet = new AlphabetOrder();

    NarrowedStudents(Narrowing by, List<GroupWithMembers> groups) {
        this.by = by;
        this.groups = groups;
    }

    List<StudentShown> of(List<StudentShown> students) {
        Set<Long> placed = by.notIn() == null
                ? Set.of()
                : groups.stream()
                        .filter(group -> group.arrangementId() == by.notIn())
                        .flatMap(group -> group.members().stream())
                        .map(StudentId::value)
                        .collect(Collectors.toSet());
        return students.stream()
                .filter(this::isWho)
                .filter(student -> by.groupId() == null || student.groupIds().contains(by.groupId()))
                .filter(student -> by.notIn() == null || !placed.contains(student.id()))
                .filter(this::hasScore)
                .sorted(order())
                .toList();
    }

    private boolean isWho(StudentShown student) {
        return isOrAny(by.grade(), student.grade())
                && isOrAny(by.home(), student.homeClass())
                && (by.tag() == null || student.tags().contains(by.tag()))
                && (by.need() == null || needs(student))
                && (by.signedIn() == null || (by.signedIn() == Narrowing.SignedIn.EVER) == (student.lastHere() != null))
                && isCalled(student);
    }

    private static boolean isOrAny(@Nullable Object wanted, Object is) {
        return wanted == null || Objects.equals(wanted, is);
    }

    private boolean needs(StudentShown student) {
        return student.needs() != null && student.needs().stream().anyMatch(mark -> mark.support() == by.need());
    }

    private boolean isCalled(StudentShown student) {
        if (by.text() == null || by.text().isBlank()) {
            return true;
        }
        String all = student.givenName() + " " + student.familyName() + " " + student.studentNumber() + " "
                + String.join(" ", student.tags());
        return all.toLowerCase(Locale.ROOT).contains(by.text().strip().toLowerCase(Locale.ROOT));
    }

    private boolean hasScore(StudentShown student) {
        if (by.measureId() == null || (by.band() == null && by.from() == null && by.to() == null)) {
            return true;
        }
        Optional<ScoresNow.Score> score = scoreOf(student, by.measureId());
        return score.isPresent()
                && isOrAny(by.band(), Objects.requireNonNullElse(score.get().band(), -1))
                && (by.from() == null || score.get().value() >= by.from())
                && (by.to() == null || score.get().value() <= by.to());
    }

    private static Optional<ScoresNow.Score> scoreOf(StudentShown student, long measureId) {
        for (ScoresNow.Score score : student.scores()) {
            if (score.measureId() == measureId) {
                return Optional.of(score);
            }
        }
        return Optional.empty();
    }

    private Comparator<StudentShown> byScore(long measureId) {
        return missingLast(student ->
                scoreOf(student, measureId).map(ScoresNow.Score::value).orElse(null));
    }

    private Comparator<StudentShown> order() {
        String sort = by.sort() == null ? "name" : by.sort();
        Comparator<StudentShown> byName = comparing(StudentShown::givenName)
                .thenComparing(comparing(StudentShown::familyName))
                .thenComparing(StudentShown::id);
        return switch (sort) {
            case "name" -> turned(byName);
            case "family" -> turned(comparing(StudentShown::familyName)).thenComparing(byName);
            case "grade" -> turned(Comparator.comparing(StudentShown::grade)).thenComparing(byName);
            case "home" -> turned(comparing(StudentShown::homeClass)).thenComparing(byName);
            case "lastHere" -> missingLast(StudentShown::lastHere).thenComparing(byName);
            default -> byScore(Long.parseLong(sort.substring(1))).thenComparing(byName);
        };
    }

    private Comparator<StudentShown> comparing(Function<StudentShown, String> text) {
        return Comparator.comparing(text, alphabet);
    }

    private <T extends Comparable<? super T>> Comparator<StudentShown> missingLast(
            Function<StudentShown, @Nullable T> value) {
        Comparator<T> order =
                Boolean.TRUE.equals(by.descending()) ? Comparator.reverseOrder() : Comparator.naturalOrder();
        return Comparator.comparing(value, Comparator.nullsLast(order));
    }

    private Comparator<StudentShown> turned(Comparator<StudentShown> order) {
        return Boolean.TRUE.equals(by.descending()) ? order.reversed() : order;
    }
}
