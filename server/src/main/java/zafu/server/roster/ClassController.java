package zafu.server.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The classes of the signed-in adult and the students in them. */
@RestController
class ClassController {
    private final ClassService service;

    ClassController(ClassService service) {
        this.service = service;
    }

    /** @param zone the school's time zone, in which all local times of the API are meant */
    record MyClasses(List<ClassCard> classes, String school, String zone, Instant now) {}

    record ClassCard(long id, String name, int grade, int students) {}

    record StudentRow(
            long id,
            String givenName,
            String familyName,
            int grade,
            @Nullable NeedsShown needs,
            String entryCode,
            @Nullable Instant lastHere) {}

    /** @param timeFactor 1.1 to 4, absent for none */
    record NeedsShown(
            @Nullable @DecimalMin("1.1") @DecimalMax("4") @Digits(integer = 1, fraction = 2) BigDecimal timeFactor,
            boolean untimed,
            @Min(0) @Max(30) int extraDays) {}

    @GetMapping("/api/classes")
    MyClasses classes() {
        return service.mine();
    }

    @GetMapping("/api/classes/{classId}/students")
    List<StudentRow> students(@PathVariable long classId) {
        return service.students(classId);
    }

    @PutMapping("/api/classes/{classId}/students/{studentId}/needs")
    void setNeeds(@PathVariable long classId, @PathVariable long studentId, @Valid @RequestBody NeedsShown needs) {
        service.setNeeds(classId, studentId, needs);
    }

    @PostMapping("/api/classes/{classId}/students/{studentId}/entry-code")
    void renewEntryCode(@PathVariable long classId, @PathVariable long studentId) {
        service.renewEntryCode(classId, studentId);
    }
}
