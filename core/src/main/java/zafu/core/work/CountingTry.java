package zafu.core.work;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/** Which of several marked tries at a task counts. Rule 6. */
public enum CountingTry {
    /** The one with the largest share; of equal ones the later. */
    BEST,
    LAST;

    /**
     * @param tries marked ones, in the order in which they were begun
     * @param share of a try, what was earned of what was possible
     */
    public <T> Optional<T> of(List<T> tries, ToDoubleFunction<T> share) {
        if (this == LAST) {
            return tries.isEmpty() ? Optional.empty() : Optional.of(tries.get(tries.size() - 1));
        }
        return tries.stream()
                .reduce((best, each) -> share.applyAsDouble(each) >= share.applyAsDouble(best) ? each : best);
    }
}
