package zafu.core.marking;

import java.math.BigDecimal;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import zafu.core.measure.ScoreText;

/**
 * Something that is asked. All but a long answer mark themselves; an answer of another kind, or one that cannot be read,
 * is simply not right. Rule 6.
 */
public sealed interface Question {

    /**
     * How much of the answer is right, 0 to 1; empty where a person must say. Questions that are marked by the part give
     * the share of right parts, less the share of wrong ones where parts are chosen; all others 0 or 1.
     */
    OptionalDouble share(Answer answer);

    /** Whether all of the answer is right. */
    default boolean isRight(Answer answer) {
        return share(answer).orElse(0) == 1;
    }

    /** Whole points for a share, rounded down, so that nobody is given what was not there. */
    static int earned(int points, double share) {
        return (int) Math.floor(points * share + 1e-9);
    }

    private static OptionalDouble whole(boolean right) {
        return OptionalDouble.of(right ? 1 : 0);
    }

    /**
     * Exactly one of several options is right.
     *
     * @param right place of the right option, from 0
     */
    record SingleChoice(List<String> options, int right) implements Question {
        public SingleChoice {
            options = List.copyOf(options);
            if (right < 0 || right >= options.size()) {
                throw new IllegalArgumentException("option " + right + " is none of " + options.size());
            }
        }

        @Override
        public OptionalDouble share(Answer answer) {
            return whole(answer instanceof Answer.Chosen chosen && chosen.option() == right);
        }
    }

    /**
     * Some of several options, or some words of a text, are right.
     *
     * @param size how many there are to choose from
     * @param right their places, at least one
     * @param byPart whether what is partly right earns a part
     */
    record MultipleChoice(int size, Set<Integer> right, boolean byPart) implements Question {
        public MultipleChoice {
            right = Collections.unmodifiableSet(new TreeSet<>(right));
            if (right.isEmpty() || right.stream().anyMatch(place -> place < 0 || place >= size)) {
                throw new IllegalArgumentException("right places " + right + " of " + size);
            }
        }

        @Override
        public OptionalDouble share(Answer answer) {
            if (!(answer instanceof Answer.ChosenSet chosen)) {
                return whole(false);
            }
            if (!byPart) {
                return whole(right.equals(chosen.options()));
            }
            long hits = chosen.options().stream().filter(right::contains).count();
            long misses = chosen.options().size() - hits;
            return OptionalDouble.of(Math.max(0, (double) (hits - misses) / right.size()));
        }
    }

    /**
     * A number; right when it lies within the tolerance, its ends included.
     *
     * @param tolerance from 0, in the same unit as {@code value}
     */
    record Numeric(BigDecimal value, BigDecimal tolerance) implements Question {
        public Numeric {
            if (tolerance.signum() < 0) {
                throw new IllegalArgumentException("tolerance " + tolerance + " is negative");
            }
        }

        @Override
        public OptionalDouble share(Answer answer) {
            return whole(numbersIn(answer).anyMatch(given -> isNear(BigDecimal.valueOf(given))));
        }

        private boolean isNear(BigDecimal given) {
            return given.subtract(value).abs().compareTo(tolerance) <= 0;
        }

        /** "1,234" is two numbers, and whoever means the right one has it right. */
        private static DoubleStream numbersIn(Answer answer) {
            if (!(answer instanceof Answer.Typed typed)) {
                return DoubleStream.empty();
            }
            ScoreText read = ScoreText.read(typed.text());
            if (read instanceof ScoreText.Unsure unsure) {
                return DoubleStream.of(unsure.asDecimal(), unsure.asThousands());
            }
            return read instanceof ScoreText.Score score ? DoubleStream.of(score.value()) : DoubleStream.empty();
        }
    }

    /** A word or two; right when it equals one accepted form by {@link AcceptedForms}. */
    record ShortAnswer(List<String> accepted) implements Question {
        public ShortAnswer {
            accepted = List.copyOf(accepted);
        }

        @Override
        public OptionalDouble share(Answer answer) {
            return whole(answer instanceof Answer.Typed typed && AcceptedForms.accept(accepted, typed.text()));
        }
    }

    /** Parts to be put in order; right only when all are. The question holds them in the right order. */
    record Ordering(int size) implements Question {
        @Override
        public OptionalDouble share(Answer answer) {
            return whole(answer instanceof Answer.Ordered ordered
                    && ordered.parts().equals(IntStream.range(0, size).boxed().toList()));
        }
    }

    /**
     * Each on the left belongs to one on the right; two may belong to the same one.
     *
     * @param right for each place on the left its place on the right
     * @param byPart whether what is partly right earns a part
     */
    record Matching(List<Integer> right, boolean byPart) implements Question {
        public Matching {
            right = List.copyOf(right);
        }

        @Override
        public OptionalDouble share(Answer answer) {
            Map<Integer, Integer> pairs = answer instanceof Answer.Matched matched ? matched.pairs() : Map.of();
            long hits = IntStream.range(0, right.size())
                    .filter(left -> right.get(left).equals(pairs.get(left)))
                    .count();
            return ofParts(hits, right.size(), byPart);
        }
    }

    /**
     * A text with blanks.
     *
     * @param accepted for each blank its accepted forms
     * @param byPart whether what is partly right earns a part
     */
    record Blanks(List<List<String>> accepted, boolean byPart) implements Question {
        public Blanks {
            accepted = accepted.stream().map(List::copyOf).toList();
        }

        @Override
        public OptionalDouble share(Answer answer) {
            List<String> filled = answer instanceof Answer.Filled given ? given.blanks() : List.of();
            long hits = IntStream.range(0, Math.min(accepted.size(), filled.size()))
                    .filter(blank -> AcceptedForms.accept(accepted.get(blank), filled.get(blank)))
                    .count();
            return ofParts(hits, accepted.size(), byPart);
        }
    }

    /** Some sentences or more, which a person marks. */
    record LongAnswer() implements Question {
        @Override
        public OptionalDouble share(Answer answer) {
            return OptionalDouble.empty();
        }
    }

    private static OptionalDouble ofParts(long hits, int parts, boolean byPart) {
        return byPart ? OptionalDouble.of((double) hits / parts) : whole(hits == parts);
    }
}
