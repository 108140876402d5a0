package zafu.server.roster;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.HashSet;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.LookedAt;
import zafu.server.platform.Refusal;

/**
 * An adult looks at a student's pages in the student's place: what is said is what the student would be told at that moment,
 * by the same code, and nothing is written by looking. Their needs show in it, so only for who may see those.
 */
@Component
public class InTheirPlace {
    private final Roster roster;
    private final SchoolSettings school;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final TransactionTemplate looking;

    InTheirPlace(
            Roster roster,
            SchoolSettings school,
            ClassPermission permission,
            CurrentPerson current,
            PlatformTransactionManager transactions) {
        this.roster = roster;
        this.school = school;
        this.permission = permission;
        this.current = current;
        looking = new TransactionTemplate(transactions);
    }

    /** @param at on the school's clocks, absent for now */
    public <T> T look(long classId, long studentId, @Nullable LocalDateTime at, Supplier<T> page) {
        requireStudent(classId, studentId);
        Instant then = at == null ? null : school.moment(at);
        Set<Long> classes = new HashSet<>(permission.roles().keySet());
        classes.add(classId);
        return looking.execute(begun -> {
            begun.setRollbackOnly();
            return LookedAt.during(then, () -> current.inPlaceOf(studentId, classes, page));
        });
    }

    public void requireStudent(long classId, long studentId) {
        permission.requireSeeNeeds(classId);
        if (!roster.isIn(classId, studentId)) {
            throw Refusal.notFound("student");
        }
    }
}
