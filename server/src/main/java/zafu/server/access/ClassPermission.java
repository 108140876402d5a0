package zafu.server.access;

import java.util.List;
import org.springframework.stereotype.Service;
import zafu.server.platform.Refusal;

/**
 * Which classes the signed-in adult may see and change. A class that is not theirs is "not here" rather than
 * "forbidden", so that nobody learns which ids exist.
 */
@Service
public class ClassPermission {
    private final CurrentPerson current;
    private final ClassAdultRepository roles;

    ClassPermission(CurrentPerson current, ClassAdultRepository roles) {
        this.current = current;
        this.roles = roles;
    }

    public void requireSee(long classId) {
        roleIn(classId);
    }

    public void requireChange(long classId) {
        if (!roleIn(classId).mayChange()) {
            throw Refusal.notAllowed("You may look at this class, but changing it is for its teachers.");
        }
    }

    private ClassRole roleIn(long classId) {
        long adult = current.adult().adultId();
        return roles.findByClassIdAndAdultId(classId, adult)
                .map(found -> found.role)
                .orElseThrow(() -> Refusal.notFound("class"));
    }

    /** Ids of the classes of the signed-in adult. */
    public List<Long> mine() {
        return roles.findByAdultIdOrderByClassId(current.adult().adultId()).stream()
                .map(role -> role.classId)
                .toList();
    }

    public void grant(long classId, long adultId, ClassRole role) {
        ClassAdult granted = new ClassAdult();
        granted.classId = classId;
        granted.adultId = adultId;
        granted.role = role;
        roles.save(granted);
    }
}
