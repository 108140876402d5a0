package zafu.server.students;

import jakarta.validation.Valid;
import java.util.List;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.students.StudentsApi.SaveAsked;
import zafu.server.students.StudentsApi.SavedShown;
import zafu.server.students.StudentsApi.StudentsShown;

/** The Students screen in one answer. */
@RestController
class StudentsController {
    private final StudentsService service;
    private final SavedNarrowings saved;

    StudentsController(StudentsService service, SavedNarrowings saved) {
        this.service = service;
        this.saved = saved;
    }

    @GetMapping("/api/students")
    StudentsShown students(@Valid @ParameterObject Narrowing narrowing) {
        return service.shown(narrowing);
    }

    @GetMapping("/api/narrowings")
    List<SavedShown> narrowings() {
        return saved.mine();
    }

    /** Keeps a narrowing under a name, in place of another of that name. */
    @PutMapping("/api/narrowings")
    void save(@Valid @RequestBody SaveAsked asked) {
        saved.save(asked.name().strip(), asked.query());
    }

    @DeleteMapping("/api/narrowings/{narrowingId}")
    void forget(@PathVariable long narrowingId) {
        saved.forget(narrowingId);
    }
}
