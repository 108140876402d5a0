package zafu.server.roster;

import java.util.List;
import org.springframework.stereotype.Service;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;

/**
 * What the signed-in adult may do with one student: what their best role in any of the student's classes allows. A
 * student of no class of theirs is "not here".
 */
@Service
public class StudentAccess {
    private final Roster roster;
    private final ClassPermission permission;

    StudentAccess(Roster roster, ClassPermission permission) {
        this.roster = roster;
        this.permission = permission;
    }

    public void requireSee(long studentId) {
        classesSeen(studentId);
    }

    public void requireChange(long studentId) {
        if (classesSeen(studentId).stream().noneMatch(permission::mayChange)) {
            throw Refusal.notAllowed("You may look at this student, but changing things is for their teachers.");
        }
    }

    public void requireSeeNeeds(long studentId) {
        if (!maySeeNeeds(studentId)) {
            throw Refusal.notAllowed("What this student needs is for their teachers and support staff to see.");
        }
    }

    public boolean maySeeNeeds(long studentId) {
        return classesSeen(studentId).stream().anyMatch(permission::maySeeNeeds);
    }

    /** The adult's classes that the student is in. */
    public List<Long> classesSeen(long studentId) {
        List<Long> mine = permission.mine();
        List<Long> shared =
                roster.classesOf(studentId).stream().filter(mine::contains).toList();
        if (shared.isEmpty()) {
            throw Refusal.notFound("student");
        }
        return shared;
    }
}
