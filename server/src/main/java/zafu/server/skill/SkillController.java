package zafu.server.skill;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
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

    /** @param strands in their order; the last one, without a name, holds skills of no strand */
    record SkillList(List<StrandShown> strands) {}

    record StrandShown(@Nullable Long id, String name, List<SkillShown> skills) {}

    /**
     * @param prerequisites ids of what should be held first
     * @param screenCut a value of the measure at or past it places a student past the skill
     * @param classId whose own it is; absent where the whole school shares it
     */
    record SkillShown(
            long id,
            String name,
            @Nullable Integer grade,
            String description,
            List<Long> prerequisites,
            List<CodeShown> codes,
            @Nullable Long screenMeasureId,
            @Nullable Double screenCut,
            @Nullable Long classId,
            long version) {}

    record CodeShown(@NotBlank @Size(max = 200) String scheme, @NotBlank @Size(max = 120) String code) {}

    /**
     * @param strand by name; one that is not there yet is made
     * @param classId whose own it is; absent where the whole school shares it
     * @param place in the strand from 0; absent keeps it, or puts a new skill last
     * @param version of the skill that was changed; absent for a new one
     */
    record SkillEdit(
            @NotBlank @Size(max = 120) String name,
            @NotNull @Size(max = 120) String strand,
            @Nullable @Min(0) @Max(13) Integer grade,
            @NotNull @Size(max = 2000) String description,
            @NotNull @Size(max = 50) List<Long> prerequisites,
            @NotNull @Size(max = 20) List<@Valid CodeShown> codes,
            @Nullable Long screenMeasureId,
            @Nullable Double screenCut,
            @Nullable Long classId,
            @Nullable @Min(0) Integer place,
            @Nullable Long version) {}

    /** @param fraction right, 0 to 1 */
    record NewEvidence(
            long skillId,
            @NotNull LocalDate takenOn,
            @DecimalMin("0") @DecimalMax("1") double fraction,
            @NotNull @Size(max = 300) String note) {}

    /** @param source LIST, TRY or HAND */
    record EvidenceShown(long id, LocalDate takenOn, double fraction, String source, String note, boolean mayRemove) {}

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

    record SkillIds(@NotNull @Size(max = 5000) List<Long> ids) {}

    /** Puts many away at once, as after an import that is taken back. */
    @PostMapping("/api/skills/removed")
    void removeMany(@Valid @RequestBody SkillIds which) {
        book.remove(which.ids);
    }

    @PostMapping("/api/skills/restored")
    void restore(@Valid @RequestBody SkillIds which) {
        book.restore(which.ids);
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

    record NotedEvidence(long id) {}

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
