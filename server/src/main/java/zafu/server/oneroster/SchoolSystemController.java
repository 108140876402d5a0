package zafu.server.oneroster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
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

/** The school's information system: where it is, what it last brought, and taking it; for administrators. */
@RestController
class SchoolSystemController {
    private final SchoolSystemService service;

    SchoolSystemController(SchoolSystemService service) {
        this.service = service;
    }

    /** @param hasToken whether a token is kept; the token itself is never shown */
    record SystemShown(
            String address, boolean hasToken, boolean nightly, List<PullShown> pulls, @Nullable WaitingPull waiting) {}

    record PullShown(long id, Instant at, SchoolPull.State state, String message) {}

    record WaitingPull(long id, RosterImports.BundlePreview preview) {}

    /** @param token absent to keep the one there is */
    record SystemEdit(
            @NotNull @Size(max = 500) @Pattern(regexp = "|https?://.+", message = "begins with http:// or https://")
                    String address,
            @Nullable @Size(max = 200) String token,
            boolean nightly) {}

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
