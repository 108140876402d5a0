package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Whom an arrangement draws from, and who may see and change it: adults who may so in every one of its classes. */
@Component
class Pools {
    private final ArrangementClassRepository classes;
    private final Roster roster;
    private final ClassPermission permission;
    private final CurrentPerson current;

    Pools(ArrangementClassRepository classes, Roster roster, ClassPermission permission, CurrentPerson current) {
        this.classes = classes;
        this.roster = roster;
        this.permission = permission;
        this.current = current;
    }

    Pool of(Arrangement arrangement) {
        List<Long> classIds = classesOf(arrangement);
        Map<StudentId, Roster.StudentName> names = new LinkedHashMap<>();
        classIds.forEach(each -> names.putAll(roster.byId(each)));
        return new Pool(arrangement.classId, classIds, names);
    }

    /** Its own class first. */
    List<Long> classesOf(Arrangement arrangement) {
        List<Long> classIds = new ArrayList<>(List.of(arrangement.classId));
        classes.findByArrangementIdInOrderById(List.of(arrangement.id)).forEach(each -> classIds.add(each.classId));
        return classIds;
    }

    void requireSee(Arrangement arrangement) {
        requireSeen(arrangement);
        classesOf(arrangement).forEach(permission::requireSee);
    }

    void requireChange(Arrangement arrangement) {
        requireSeen(arrangement);
        classesOf(arrangement).forEach(permission::requireChange);
    }

    /** What an adult keeps to themselves is not there for others. */
    private void requireSeen(Arrangement arrangement) {
        if (!arrangement.isSeenBy(current.anyAdultId())) {
            throw Refusal.notFound("grouping");
        }
    }

    boolean maySeeNeeds(Pool pool) {
        return permission.maySeeNeedsInAll(pool.classIds());
    }

    void requireSeeNeeds(Pool pool) {
        pool.classIds().forEach(permission::requireSeeNeeds);
    }
}
