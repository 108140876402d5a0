package zafu.server.skill;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.ClassPermission;
import zafu.server.roster.Roster;
import zafu.server.roster.StudentAccess;

/** What is known of students' skills. */
@RestController
class SkillController {
    private final Skills skills;
    private final StudentAccess access;
    private final ClassPermission permission;
    private final Roster roster;

    SkillController(Skills skills, StudentAccess access, ClassPermission permission, Roster roster) {
        this.skills = skills;
        this.access = access;
        this.permission = permission;
        this.roster = roster;
    }

    /** Names of the skills on which anybody of the class was ever seen. */
    @GetMapping("/api/classes/{classId}/skills")
    List<String> ofClass(@PathVariable long classId) {
        permission.requireSee(classId);
        return skills.seenOf(
                roster.studentsOf(classId).stream().map(Roster.StudentName::id).toList());
    }

    @GetMapping("/api/students/{studentId}/skills")
    List<Skills.Standing> ofStudent(@PathVariable long studentId) {
        access.requireSee(studentId);
        return skills.standing(studentId);
    }
}
