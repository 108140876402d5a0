package zafu.core.targeting;

import java.util.Collection;
import java.util.Optional;

/**
 * Work that has to be done before other work. A task that is done first holds back the others of its student from when
 * it opens until it is handed in or nothing is taken any more; such tasks do not hold back each other, so that nobody
 * can be stuck.
 */
public final class DoneFirst {
    private DoneFirst() {}

    /**
     * One task as it stands for a student.
     *
     * @param first whether it is to be done before the others
     * @param open whether it can be worked on now: it has opened and has not closed
     * @param handedIn at least once
     */
    public record Work(long taskId, boolean first, boolean open, boolean handedIn) {}

    /** The task that holds another one back, the first in the order given; empty when it can be begun. */
    public static Optional<Long> holdingBack(Work task, Collection<Work> all) {
        if (task.first()) {
            return Optional.empty();
        }
        return all.stream()
                .filter(other -> other.first() && other.open() && !other.handedIn())
                .map(Work::taskId)
                .findFirst();
    }
}
