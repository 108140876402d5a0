package zafu.server.oneroster;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.oneroster.SchoolSystemApi.SystemEdit;
import zafu.server.oneroster.SchoolSystemApi.SystemShown;

/** The school's information system: where it is, what it last brought, and taking it; for administrators. */
@RestController
class SchoolSystemController {
    private final SchoolSystemService service;

    SchoolSystemController(SchoolSystemService service) {
        this.service = service;
    }

    @GetMapping("/api/school/system")
    SystemShown system() {
        return service.shown();
    }

    @PutMapping("/api/school/system")
    SystemShown set(@Valid @RequestBody SystemEdit edit) {
        service.set(edit);
        return service.shown();
    }

    @PostMapping("/api/school/system/pull")
    SystemShown pull() {
        service.pullNow();
        return service.shown();
    }

    @PostMapping("/api/school/system/pulls/{pullId}/take")
    RosterImports.BundleTaken take(@PathVariable long pullId) {
        return service.take(pullId);
    }

    @PostMapping("/api/school/system/pulls/{pullId}/leave")
    SystemShown leave(@PathVariable long pullId) {
        service.leave(pullId);
        return service.shown();
    }
}
