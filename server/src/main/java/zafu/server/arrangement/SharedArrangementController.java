package zafu.server.arrangement;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.arrangement.SharedArrangementApi.SharedArrangement;

/** Arrangements of colleagues that the school may use but not change. */
@RestController
class SharedArrangementController {
    private final SharedArrangements shared;

    SharedArrangementController(SharedArrangements shared) {
        this.shared = shared;
    }

    @GetMapping("/api/classes/{classId}/shared-arrangements")
    List<SharedArrangement> forClass(@PathVariable long classId) {
        return shared.forClass(classId);
    }

    /** The same groups in an arrangement of this class, with its students; the other stays as it is. */
    @PostMapping("/api/classes/{classId}/shared-arrangements/{arrangementId}")
    ArrangementApi.MadeArrangement use(
            @PathVariable long classId,
            @PathVariable long arrangementId,
            @Valid @RequestBody ArrangementCareApi.NextCycle wanted) {
        return new ArrangementApi.MadeArrangement(shared.use(classId, arrangementId, wanted));
    }
}
