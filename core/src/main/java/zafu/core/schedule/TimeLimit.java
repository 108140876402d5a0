package zafu.core.schedule;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * How long a student may take, and why. Rule 4, time limit: ⌈minutes × factor⌉ in exact decimal arithmetic, with
 * the largest factor in force; untimed beats every factor; a time typed for the student beats all.
 */
public sealed interface TimeLimit {
    /** Whole minutes; empty when there is no limit. */
    OptionalInt minutes();

    /** The task has no time limit. */
    record NoLimit() implements TimeLimit {
        @Override
        public OptionalInt minutes() {
            return OptionalInt.empty();
        }
    }

    /** The task has one, but this student works untimed. */
    record Untimed(int instead) implements TimeLimit {
        @Override
        public OptionalInt minutes() {
            return OptionalInt.empty();
        }
    }

    /** The task's own minutes. */
    record AsSet(int set) implements TimeLimit {
        @Override
        public OptionalInt minutes() {
            return OptionalInt.of(set);
        }
    }

    /** The task's own minutes, which already include what students need. */
    record AlreadyIncludes(int set) implements TimeLimit {
        @Override
        public OptionalInt minutes() {
            return OptionalInt.of(set);
        }
    }

    /** Typed by a teacher for this one student; empty when that is no limit. */
    record ForThisStudent(OptionalInt minutes) implements TimeLimit {}

    /** {@code extended = ⌈set × factor⌉}. */
    record Extended(int extended, int set, BigDecimal factor) implements TimeLimit {
        @Override
        public OptionalInt minutes() {
            return OptionalInt.of(extended);
        }
    }

    /**
     * @param minutes the task's or version's own limit, empty for none
     * @param needs what the student needs for this kind of work today
     * @param includesAccommodations the version is marked "time already includes accommodations"
     * @param typedForStudent minutes a teacher typed for this student, or that there is no limit for them
     */
    static TimeLimit of(
            OptionalInt minutes, TimeNeeds needs, boolean includesAccommodations, Setting<Integer> typedForStudent) {
        if (typedForStudent.saysSomething()) {
            return new ForThisStudent(EasedTerms.unboxed(typedForStudent.over(Optional.empty())));
        }
        if (minutes.isEmpty()) {
            return new NoLimit();
        }
        int set = minutes.getAsInt();
        if (needs.untimed()) {
            return new Untimed(set);
        }
        if (includesAccommodations) {
            return new AlreadyIncludes(set);
        }
        return needs.largestFactor()
                .<TimeLimit>map(factor -> extended(set, factor))
                .orElseGet(() -> new AsSet(set));
    }

    private static TimeLimit extended(int set, BigDecimal factor) {
        int extended = BigDecimal.valueOf(set)
                .multiply(factor)
                .setScale(0, RoundingMode.CEILING)
                .intValueExact();
        return new Extended(extended, set, factor.stripTrailingZeros());
    }

    /**
     * What a student needs when it comes to time.
     *
     * @param factors of extended time in force, each above 1
     */
    record TimeNeeds(boolean untimed, List<BigDecimal> factors) {
        public static final TimeNeeds NONE = new TimeNeeds(false, List.of());

        public TimeNeeds {
            factors = List.copyOf(factors);
        }

        Optional<BigDecimal> largestFactor() {
            return factors.stream().max(BigDecimal::compareTo).filter(factor -> factor.compareTo(BigDecimal.ONE) > 0);
        }
    }
}
