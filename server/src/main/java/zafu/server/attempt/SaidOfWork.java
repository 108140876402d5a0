package zafu.server.attempt;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import zafu.server.attempt.WorkNotes.Kind;

/**
 * What teachers say of one student's work at one task, and did not take back.
 *
 * @param all oldest first
 */
public record SaidOfWork(List<Said> all) {
    public static final SaidOfWork NOTHING = new SaidOfWork(List.of());

    /** @param adultId who says it */
    public record Said(Kind kind, Instant at, long adultId) {}

    public boolean isExcused() {
        return isExcusedAt(Instant.MAX);
    }

    /** Whether the work was excused by a moment. */
    public boolean isExcusedAt(Instant moment) {
        return !all.isEmpty()
                && all.stream()
                        .anyMatch(each ->
                                each.kind() == Kind.EXCUSED && !each.at().isAfter(moment));
    }

    /** When the student was last asked to do it again. */
    public Optional<Instant> lastAskedAgain() {
        return since(Instant.EPOCH, Kind.ASKED_AGAIN).map(Said::at);
    }

    /** The newest of a kind that was said since the student began last. */
    public Optional<Said> since(Instant begun, Kind kind) {
        return all.stream()
                .filter(each -> each.kind() == kind && !each.at().isBefore(begun))
                .reduce((first, second) -> second);
    }
}
