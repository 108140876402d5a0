package zafu.server.finding;

import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.finding.FindApi.Found;
import zafu.server.finding.FindApi.ItemNarrowing;

/** The library, for a class or one of its groups. */
@RestController
class FindController {
    private final FindService service;

    FindController(FindService service) {
        this.service = service;
    }

    @GetMapping("/api/classes/{classId}/library")
    Found find(
            @PathVariable long classId,
            @RequestParam(required = false) @Nullable Long groupId,
            @RequestParam(defaultValue = "100") int limit,
            @ParameterObject ItemNarrowing narrowing) {
        return service.find(classId, groupId, narrowing, limit);
    }
}
