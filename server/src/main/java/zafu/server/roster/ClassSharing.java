package zafu.server.roster;

import static zafu.server.platform.Words.inWords;

import org.springframework.stereotype.Service;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;

/** Who may say who works in a class. */
@Service
public class ClassSharing {
    private final SchoolClassRepository classes;
    private final ClassPermission permission;
    private final CurrentPerson current;

    ClassSharing(SchoolClassRepository classes, ClassPermission permission, CurrentPerson current) {
        this.classes = classes;
        this.permission = permission;
        this.current = current;
    }

    /** Owners share their class; an administrator may share every class, to hand it over, without seeing into it. */
    public void requireMayShare(long classId) {
        boolean administrator = current.adult().administrator();
        if (administrator && classes.existsById(classId)) {
            return;
        }
        permission.requireSee(classId);
        if (!permission.roleIn(classId).mayShare()) {
            throw Refusal.notAllowed(inWords("roster.who-works-in-this-class-is-for-its"));
        }
    }
}
