package zafu.server.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.ClassRole;

/** The classes of the signed-in adult and the students in them. */
@RestController
class ClassController {
    private final ClassService service;

    ClassController(ClassService service) {
        this.service = service;
    }

    /**
     * @param zone the school's time zone, in which all local times of the API are meant
     * @param administrator whether the signed-in adult looks after the school
     * @param keepsShared whether they look after what all classes share
     */
    record MyClasses(
            List<ClassCard> classes,
            String school,
            String zone,
            Instant now,
            boolean administrator,
            boolean keepsShared) {}

    /** @param archived put away: not offered, but nothing is lost */
    record ClassCard(
            long id,
            String name,
            int grade,
            String subject,
            int students,
            ClassRole role,
            List<Long> termIds,
            boolean archived) {}

    /** @param entryCode absent when revoked, and for adults who may not hand codes out */
    record StudentRow(
            long id,
            String givenName,
            String familyName,
            int grade,
            @Nullable String entryCode,
            @Nullable Instant lastHere) {}

    record ClassEdit(
            @NotBlank @Size(max = 80) String name,
            @Min(0) @Max(13) int grade,
            @NotNull @Size(max = 60) String subject,
            @NotNull List<Long> termIds) {}

    record MadeClass(long id) {}

    enum CodeDeed {
        RENEW,
        REVOKE
    }

    record CodesAsked(@NotNull CodeDeed deed, @NotEmpty @Size(max = 2000) List<Long> students) {}

    @GetMapping("/api/classes")
    MyClasses classes() {
        return service.mine();
    }

    @PostMapping("/api/classes")
    MadeClass create(@Valid @RequestBody ClassEdit wanted) {
        return new MadeClass(service.create(wanted));
    }

    @PutMapping("/api/classes/{classId}")
    void change(@PathVariable long classId, @Valid @RequestBody ClassEdit wanted) {
        service.change(classId, wanted);
    }

    @PostMapping("/api/classes/{classId}/archive")
    void archive(@PathVariable long classId) {
        service.archive(classId, true);
    }

    @PostMapping("/api/classes/{classId}/bring-back")
    void bringBack(@PathVariable long classId) {
        service.archive(classId, false);
    }

    @GetMapping("/api/classes/{classId}/students")
    List<StudentRow> students(@PathVariable long classId) {
        return service.students(classId);
    }

    /** Fresh entry codes for these students, or none any more. */
    @PostMapping("/api/classes/{classId}/entry-codes")
    void entryCodes(@PathVariable long classId, @Valid @RequestBody CodesAsked asked) {
        service.entryCodes(classId, asked);
    }
}
