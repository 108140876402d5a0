package zafu.server.arrangement;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What happened on a bench, and how it differs from before. */
@RestController
class BenchHistoryController {
    private final BenchHistory history;

    BenchHistoryController(BenchHistory history) {
        this.history = history;
    }

    /**
     * One step.
     *
     * @param undone whether it does not hold now
     * @param moved those of the class whose groups it changed
     */
    record HistoryStep(
            long id, BenchCommand.Kind kind, Instant at, String by, boolean undone, List<MovedStudent> moved) {}

    /** @param from names of groups; none means not placed */
    record MovedStudent(String givenName, List<String> from, List<String> to) {}

    /**
     * A bench beside an earlier one.
     *
     * @param groups those of now, each with the former group that it goes on from
     */
    record Compared(List<FormerGroup> groups, List<ComparedStudent> students) {}

    /** @param former its name; absent for a new group */
    record FormerGroup(long id, @Nullable String former) {}

    /**
     * @param before names of the former groups; none means not placed
     * @param moved whether the student is not in the groups that go on from those
     */
    record ComparedStudent(long id, List<String> before, boolean moved) {}

    /** The newest 200 steps, the newest first. */
    @GetMapping("/api/arrangements/{arrangementId}/history")
    List<HistoryStep> history(@PathVariable long arrangementId) {
        return history.of(arrangementId);
    }

    /** Beside another arrangement (other), or beside itself after an earlier step (step). */
    @GetMapping("/api/arrangements/{arrangementId}/comparison")
    Compared compare(
            @PathVariable long arrangementId,
            @RequestParam(required = false) @Nullable Long other,
            @RequestParam(required = false) @Nullable Long step) {
        return history.compare(arrangementId, other, step);
    }
}
