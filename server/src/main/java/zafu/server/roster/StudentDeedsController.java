package zafu.server.roster;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.roster.StudentDeedsApi.DeedDone;
import zafu.server.roster.StudentDeedsApi.StudentsDeed;

/** What is done with one student or with many at once: for all of them, or for none. */
@RestController
class StudentDeedsController {
    private final StudentDeeds deeds;

    StudentDeedsController(StudentDeeds deeds) {
        this.deeds = deeds;
    }

    @PostMapping("/api/students/deeds")
    DeedDone take(@Valid @RequestBody StudentsDeed deed) {
        return new DeedDone(deeds.take(deed));
    }
}
