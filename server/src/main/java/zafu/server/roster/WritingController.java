package zafu.server.roster;

import jakarta.validation.Valid;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.roster.WritingApi.Writing;

/** How the school writes its days and times, and on what. */
@RestController
class WritingController {
    private final SchoolSettings school;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;

    WritingController(SchoolSettings school, ClassPermission permission, CurrentPerson current, AuditTrail audit) {
        this.school = school;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
    }

    @GetMapping("/api/school/writing")
    Writing writing() {
        current.adult();
        return school.writing();
    }

    @PutMapping("/api/school/writing")
    @Transactional
    public Writing change(@Valid @RequestBody Writing wanted) {
        permission.requireKeepsShared();
        school.keepWriting(wanted);
        audit.note(null, "school.writing", null, wanted.toString());
        return wanted;
    }
}
