package zafu.server.finding;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.finding.ReadyApi.ReadySkill;

/** What a group is ready for, with something to teach each of it. */
@RestController
class ReadyController {
    private final ReadyItems ready;

    ReadyController(ReadyItems ready) {
        this.ready = ready;
    }

    /** The first skills of the rule, each with what suits the group best. */
    @GetMapping("/api/classes/{classId}/ready")
    List<ReadySkill> ready(@PathVariable long classId, @RequestParam(required = false) @Nullable Long groupId) {
        return ready.of(classId, groupId);
    }
}
