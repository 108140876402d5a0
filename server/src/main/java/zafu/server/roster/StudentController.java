package zafu.server.roster;

import jakarta.validation.Valid;
import java.util.Map;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.StudentApi.EraseAsked;
import zafu.server.roster.StudentApi.StudentEdit;
import zafu.server.roster.StudentApi.StudentSheet;

/** One student: what is written down, and what a family may ask for. */
@RestController
class StudentController {
    private final StudentService service;

    StudentController(StudentService service) {
        this.service = service;
    }

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
