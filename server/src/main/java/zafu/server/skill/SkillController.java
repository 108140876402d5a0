package zafu.server.skill;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.StudentAccess;

/** What is known of students' skills. */
@RestController
class SkillController {
    private final Skills skills;
    private final StudentAccess access;

    SkillController(Skills skills, StudentAccess access) {
        this.skills = skills;
        this.access = access;
    }

    @GetMapping("/api/students/{studentId}/skills")
    List<Skills.Standing> ofStudent(@PathVariable long studentId) {
        access.requireSee(studentId);
        return skills.standing(studentId);
    }
}
