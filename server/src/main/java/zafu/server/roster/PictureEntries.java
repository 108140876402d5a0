package zafu.server.roster;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.PictureEntry;
import zafu.server.platform.Refusal;

/** A teacher says for a class whether its students may come back by picture and PIN; one class that says so is enough. */
@Service
class PictureEntries implements PictureEntry {
    private final SchoolClassRepository classes;
    private final EnrolmentRepository enrolments;
    private final ClassPermission permission;
    private final AuditTrail audit;

    PictureEntries(
            SchoolClassRepository classes,
            EnrolmentRepository enrolments,
            ClassPermission permission,
            AuditTrail audit) {
        this.classes = classes;
        this.enrolments = enrolments;
        this.permission = permission;
        this.audit = audit;
    }

    @Override
    public boolean isAllowed(long studentId) {
        return enrolments.pictureEntriesOf(studentId) > 0;
    }

    boolean ofClass(long classId) {
        permission.requireSee(classId);
        return require(classId).pictureEntry;
    }

    @Transactional
    public void allow(long classId, boolean allowed) {
        permission.requireChange(classId);
        SchoolClass schoolClass = require(classId);
        schoolClass.pictureEntry = allowed;
        classes.save(schoolClass);
        audit.note(classId, allowed ? "picture-entry.allowed" : "picture-entry.ended", classId, "");
    }

    private SchoolClass require(long classId) {
        return classes.findById(classId).orElseThrow(() -> Refusal.notFound("class"));
    }
}
