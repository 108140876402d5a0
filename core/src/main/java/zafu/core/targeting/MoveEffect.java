package zafu.core.targeting;

import java.util.Optional;

/** What moving one student between groups does to one open task of theirs. Rule 7, a move shows its effect first. */
public sealed interface MoveEffect {
    /** The work was started and stays, whatever the new group brings. */
    record KeepsStarted(VersionId version) implements MoveEffect {}

    /** Not started: another version takes its place. */
    record Changes(VersionId from, VersionId to) implements MoveEffect {}

    /** Not started: it is withdrawn. */
    record Withdrawn(VersionId from) implements MoveEffect {}

    /** The new group brings work that the student did not have. */
    record Gains(VersionId to) implements MoveEffect {}

    /** Afterwards two versions would claim the student: somebody has to choose. */
    record LeadsToConflict() implements MoveEffect {}

    /**
     * Empty when the move changes nothing for this task.
     *
     * @param started whether the student has begun or finished the version they have now
     */
    static Optional<MoveEffect> of(Outcome before, Outcome after, boolean started) {
        Optional<VersionId> from = before.given();
        if (started) {
            return from.map(KeepsStarted::new);
        }
        if (after instanceof Outcome.Conflict) {
            return before.equals(after) ? Optional.empty() : Optional.of(new LeadsToConflict());
        }
        Optional<VersionId> to = after.given();
        if (from.equals(to)) {
            return Optional.empty();
        }
        if (from.isEmpty()) {
            return to.map(Gains::new);
        }
        return Optional.of(to.<MoveEffect>map(version -> new Changes(from.get(), version))
                .orElseGet(() -> new Withdrawn(from.get())));
    }
}
