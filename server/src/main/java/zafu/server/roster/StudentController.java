package zafu.server.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** One student: what is written down, and what a family may ask for. */
@RestController
class StudentController {
    private final StudentService service;

    StudentController(StudentService service) {
        this.service = service;
    }

    /** @param version of what was last read; a newer one in the meantime is a conflict */
    record StudentEdit(long version, @Valid StudentFacts facts, List<@NotBlank @Size(max = 60) String> tags) {}

    record StudentSheet(
            long id,
            long version,
            StudentFacts facts,
            List<String> tags,
            List<ClassStay> classes,
            boolean archived,
            boolean mayChange,
            boolean maySeeNeeds) {}

    record ClassStay(long classId, String name, LocalDate since) {}

    /** @param name given and family name, typed once more so that nobody is erased by a slip */
    record EraseAsked(@NotNull @Size(max = 250) String name) {}

    @GetMapping("/api/students/{studentId}")
    StudentSheet student(@PathVariable long studentId) {
        return service.sheet(studentId);
    }

    @PutMapping("/api/students/{studentId}")
    StudentSheet change(@PathVariable long studentId, @Valid @RequestBody StudentEdit edit) {
        service.change(studentId, edit);
        return service.sheet(studentId);
    }

    /** All that Zafu knows of the student, part by part. */
    @GetMapping("/api/students/{studentId}/record")
    Map<String, Object> record(@PathVariable long studentId) {
        return service.record(studentId);
    }

    /** Removes the student and everything about them for good. */
    @PostMapping("/api/students/{studentId}/erase")
    void erase(@PathVariable long studentId, @Valid @RequestBody EraseAsked asked) {
        service.erase(studentId, asked.name());
    }
}
