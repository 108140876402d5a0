package zafu.server.skill;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.ClassPermission;
import zafu.server.roster.Roster;
import zafu.server.roster.StudentAccess;
import zafu.server.skill.SkillApi.EvidenceShown;
import zafu.server.skill.SkillApi.NewEvidence;
import zafu.server.skill.SkillApi.NotedEvidence;
import zafu.server.skill.SkillApi.SkillEdit;
import zafu.server.skill.SkillApi.SkillIds;
import zafu.server.skill.SkillApi.SkillList;
import zafu.server.skill.SkillApi.SkillShown;

/** The school's skills, and what is known of students on them. */
@RestController
class SkillController {
    private final Skills skills;
    private final SkillBook book;
    private final EvidenceByHand byHand;
    private final StudentAccess access;
    private final ClassPermission permission;
    private final Roster roster;

    SkillController(
            Skills skills,
            SkillBook book,
            EvidenceByHand byHand,
            StudentAccess access,
            ClassPermission permission,
            Roster roster) {
        this.skills = skills;
        this.book = book;
        this.byHand = byHand;
        this.access = access;
        this.permission = permission;
        this.roster = roster;
    }

    @GetMapping("/api/skills")
    SkillList all() {
        return book.all();
    }

    @PostMapping("/api/skills")
    SkillShown add(@Valid @RequestBody SkillEdit wanted) {
        return book.add(wanted);
    }

    @PutMapping("/api/skills/{skillId}")
    SkillShown change(@PathVariable long skillId, @Valid @RequestBody SkillEdit wanted) {
        return book.change(skillId, wanted);
    }

    /** Puts the skill away; what was seen of students on it stays. */
    @DeleteMapping("/api/skills/{skillId}")
    void remove(@PathVariable long skillId) {
        book.remove(List.of(skillId));
    }

    /** Puts many away at once, as after an import that is taken back. */
    @PostMapping("/api/skills/removed")
    void removeMany(@Valid @RequestBody SkillIds which) {
        book.remove(which.ids());
    }

    @PostMapping("/api/skills/restored")
    void restore(@Valid @RequestBody SkillIds which) {
        book.restore(which.ids());
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

    @GetMapping("/api/students/{studentId}/skills/{skillId}/evidence")
    List<EvidenceShown> evidence(@PathVariable long studentId, @PathVariable long skillId) {
        access.requireSee(studentId);
        return byHand.of(studentId, skillId);
    }

    @PostMapping("/api/students/{studentId}/evidence")
    NotedEvidence note(@PathVariable long studentId, @Valid @RequestBody NewEvidence wanted) {
        access.requireChange(studentId);
        return new NotedEvidence(byHand.note(studentId, wanted));
    }

    @DeleteMapping("/api/students/{studentId}/evidence/{evidenceId}")
    void removeEvidence(@PathVariable long studentId, @PathVariable long evidenceId) {
        access.requireChange(studentId);
        byHand.remove(studentId, evidenceId);
    }

    @PostMapping("/api/students/{studentId}/evidence/{evidenceId}/restored")
    void restoreEvidence(@PathVariable long studentId, @PathVariable long evidenceId) {
        access.requireChange(studentId);
        byHand.restore(studentId, evidenceId);
    }
}
