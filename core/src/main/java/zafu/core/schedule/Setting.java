package zafu.core.schedule;

import java.util.Comparator;
import java.util.Optional;

/**
 * What a version or an adjustment says of one term: nothing, that there is none, or a value. Rule 3: <i>none</i> is not
 * the same as saying nothing, and the most generous of all.
 */
public sealed interface Setting<T> {
    /** Says nothing: the term stays as it was. */
    record Leaves<T>() implements Setting<T> {}

    /** No limit, no date. */
    record None<T>() implements Setting<T> {}

    record To<T>(T value) implements Setting<T> {}

    static <T> Setting<T> leaves() {
        return new Leaves<>();
    }

    static <T> Setting<T> none() {
        return new None<>();
    }

    static <T> Setting<T> to(T value) {
        return new To<>(value);
    }

    default boolean saysSomething() {
        return !(this instanceof Leaves);
    }

    /** The value where this says nothing is {@code before}. */
    default Optional<T> over(Optional<T> before) {
        return this instanceof To<T> to ? Optional.of(to.value()) : saysSomething() ? Optional.empty() : before;
    }

    /** The more generous of this and what there is; where there is none already, that stays. */
    default Optional<T> orMoreGenerous(Optional<T> before, Comparator<T> generosity) {
        if (before.isEmpty()) {
            return before;
        }
        if (!(this instanceof To<T> to)) {
            return over(before);
        }
        return generosity.compare(to.value(), before.get()) > 0 ? Optional.of(to.value()) : before;
    }
}
