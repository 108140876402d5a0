package zafu.server.arrangement;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Arrangements of colleagues that the school may use but not change. */
@RestController
class SharedArrangementController {
    private final SharedArrangements shared;

    SharedArrangementController(SharedArrangements shared) {
        this.shared = shared;
    }

    /** An arrangement of another class with students of this one. */
    record SharedArrangement(
            long id, String name, String subject, String className, String by, List<SharedGroup> groups) {}

    /**
     * @param here how many of this class are in it
     * @param members how many are in it in all
     */
    record SharedGroup(String name, int look, int here, int members) {}

    @GetMapping("/api/classes/{classId}/shared-arrangements")
    List<SharedArrangement> forClass(@PathVariable long classId) {
        return shared.forClass(classId);
    }

    /** The same groups in an arrangement of this class, with its students; the other stays as it is. */
    @PostMapping("/api/classes/{classId}/shared-arrangements/{arrangementId}")
    ArrangementController.MadeArrangement use(
            @PathVariable long classId,
            @PathVariable long arrangementId,
            @Valid @RequestBody ArrangementCareController.NextCycle wanted) {
        return new ArrangementController.MadeArrangement(shared.use(classId, arrangementId, wanted));
    }
}
