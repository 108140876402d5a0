package zafu.server.access;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

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
        AuditLine line = new AuditLine();
        line.notedAt = clock.instant();
        line.classId = classId;
        line.what = what;
        line.subjectId = subjectId;
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

    /** Blanks what was written about a student who is erased; that something was done, when and by whom, stays. */
    public void forget(long studentId) {
        lines.forget(studentId);
    }

    /** Notes that an adult looked at something that is not for every eye. */
    public void noteLook(String what, long subjectId) {
        note(null, what, subjectId, "");
    }
}
