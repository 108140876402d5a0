package zafu.server.roster;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.ClassTimesApi.Times;

/** The meeting times of a class. */
@RestController
public class ClassTimesController {
    private final ClassTimes times;

    ClassTimesController(ClassTimes times) {
        this.times = times;
    }

    @GetMapping("/api/classes/{classId}/times")
    Times of(@PathVariable long classId) {
        return times.shown(classId);
    }

    @PutMapping("/api/classes/{classId}/times")
    Times change(@PathVariable long classId, @Valid @RequestBody Times wanted) {
        return times.change(classId, wanted);
    }
}
