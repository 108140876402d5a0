package zafu.server.roster;

import static zafu.server.platform.Words.inWords;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
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
            throw Refusal.notAllowed(inWords("roster.you-may-look-at-this-student-but"));
        }
    }

    /** As {@link #requireSee} for each of many, in two reads however many they are. */
    public void requireSeeAll(Collection<Long> studentIds) {
        Set<Long> seen = membersOf(permission.mine());
        if (!studentIds.stream().allMatch(each -> seen.contains(each) || isInALedGroup(each))) {
            throw Refusal.notFound("student");
        }
    }

    /** As {@link #requireChange} for each of many, in a fixed number of reads however many they are. */
    public void requireChangeAll(Collection<Long> studentIds) {
        requireSeeAll(studentIds);
        if (!membersOf(permission.changeable()).containsAll(studentIds)) {
            throw Refusal.notAllowed(inWords("roster.you-may-look-at-these-students-but"));
        }
    }

    private boolean isInALedGroup(long studentId) {
        return roster.classesOf(studentId).stream().anyMatch(each -> permission.reaches(each, studentId));
    }

    private Set<Long> membersOf(Collection<Long> classIds) {
        return roster.membersOf(classIds).values().stream()
                .flatMap(Collection::stream)
                .collect(Collectors.toSet());
    }

    public void requireSeeNeeds(long studentId) {
        if (!maySeeNeeds(studentId)) {
            throw Refusal.notAllowed(inWords("roster.only-teachers-and-support-staff"));
        }
    }

    public boolean maySeeNeeds(long studentId) {
        return classesSeen(studentId).stream().anyMatch(permission::maySeeNeeds);
    }

    /** The adult's classes that the student is in. */
    public List<Long> classesSeen(long studentId) {
        List<Long> shared = roster.classesOf(studentId).stream()
                .filter(each -> permission.reaches(each, studentId))
                .toList();
        if (shared.isEmpty()) {
            throw Refusal.notFound("student");
        }
        return shared;
    }
}
