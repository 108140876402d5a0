package zafu.server.access;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import zafu.server.platform.Words;

/** Keeps a line of who did what, when, in the same transaction as the deed. */
@Service
public class AuditTrail {
    private final AuditLineRepository lines;
    private final CurrentPerson current;
    private final Clock clock;

    AuditTrail(AuditLineRepository lines, CurrentPerson current, Clock clock) {
        this.lines = lines;
        this.current = current;
        this.clock = clock;
    }

    /**
     * @param what the deed, as a stable word such as {@code task.handed-out}
     * @param subjectId what it was done to
     * @param facts a few words for a person who reads the trail
     */
    public void note(@Nullable Long classId, String what, @Nullable Long subjectId, String facts) {
        note(classId, what, subjectId, facts, Set.of());
    }

    /** @param also what it was done to besides: the line is found by these too */
    public void note(
            @Nullable Long classId, String what, @Nullable Long subjectId, String facts, Set<AuditSubject> also) {
        assert Words.has("deed." + what) : "no words for " + what;
        AuditLine line = new AuditLine();
        line.notedAt = clock.instant();
        line.classId = classId;
        line.what = what;
        line.subjectId = subjectId;
        AuditSubject.of(what, subjectId).ifPresent(line.about::add);
        line.about.addAll(also);
        line.facts = facts.length() > 2000 ? facts.substring(0, 2000) : facts;
        current.anyone().ifPresent(person -> {
            if (person instanceof Person.Grown adult) {
                line.adultId = adult.adultId();
            } else if (person instanceof Person.Learner student) {
                line.studentId = student.studentId();
            }
        });
        lines.save(line);
    }

    /** What an adult did in a class between two moments, as the stable words of the deeds, oldest first. */
    public List<String> deeds(long adultId, long classId, Instant from, Instant to) {
        return lines.deeds(adultId, classId, from, to);
    }

    /**
     * A line as it can be read.
     *
     * @param adultId who did it; absent where a student did, or nobody, as at night
     * @param what the deed, as a stable word
     */
    public record Line(
            long id,
            Instant at,
            @Nullable Long adultId,
            @Nullable Long studentId,
            @Nullable Long classId,
            String what,
            String facts,
            Set<AuditSubject> about) {}

    /**
     * What was done in a class, and to its students in no class, newest first.
     *
     * @param before only lines older than the one with this id
     */
    public List<Line> ofClass(long classId, Collection<Long> students, long before, int most) {
        return read(lines.ofClass(classId, students, before, Limit.of(most)));
    }

    /** What was done to one thing in these classes or in none, newest first. */
    public List<Line> about(AuditSubject subject, Collection<Long> classIds, long before, int most) {
        return read(lines.about(subject.kind(), subject.id(), classIds, before, Limit.of(most)));
    }

    /** What was done to the school itself and to who works in which class, newest first; nothing about a student. */
    public List<Line> ofSchool(long before, int most) {
        return read(lines.ofSchool(before, Limit.of(most)));
    }

    private static List<Line> read(List<AuditLine> found) {
        return found.stream()
                .map(each -> new Line(
                        each.id,
                        each.notedAt,
                        each.adultId,
                        each.studentId,
                        each.classId,
                        each.what,
                        each.facts,
                        Set.copyOf(each.about)))
                .toList();
    }

    /** Blanks what was written about a student who is erased; that something was done, when and by whom, stays. */
    public void forget(long studentId) {
        lines.blank(studentId);
        lines.forget(studentId);
    }

    /** Notes that an adult looked at something that is not for every eye. */
    public void noteLook(String what, long subjectId) {
        note(null, what, subjectId, "");
    }
}
