package zafu.server.finding;

import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Whom something is chosen for: a class, or one of its groups; only for adults who may see the class. */
@Component
class Students {
    private final ClassPermission permission;
    private final Arrangements arrangements;
    private final Roster roster;

    Students(ClassPermission permission, Arrangements arrangements, Roster roster) {
        this.permission = permission;
        this.arrangements = arrangements;
        this.roster = roster;
    }

    /** The students' ids, ascending. */
    List<Long> of(long classId, @Nullable Long groupId) {
        permission.requireSee(classId);
        if (groupId == null) {
            return roster.studentsOf(classId).stream()
                    .map(Roster.StudentName::id)
                    .sorted()
                    .toList();
        }
        return arrangements.seenOfClass(classId).stream()
                .filter(group -> group.id().value() == groupId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("group"))
                .members()
                .stream()
                .map(StudentId::value)
                .toList();
    }

    Map<StudentId, Roster.StudentName> names(List<Long> ids) {
        return roster.named(ids);
    }
}
