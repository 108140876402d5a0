package zafu.core.targeting;

import java.util.List;
import java.util.Optional;

/** What one student gets of a task. Rule 3, resolution. */
public sealed interface Outcome {
    /** Exactly one version, and how it came. */
    record Gets(VersionId version, Reach reach) implements Outcome {}

    /** Two or more versions with an equal claim, in the order of the versions: a person has to choose. */
    record Conflict(List<Gets> claims) implements Outcome {
        public Conflict {
            claims = List.copyOf(claims);
        }
    }

    /** Nothing. */
    record NotCovered() implements Outcome {}

    /** The version, where there is exactly one. */
    default Optional<VersionId> given() {
        return this instanceof Gets gets ? Optional.of(gets.version()) : Optional.empty();
    }
}
