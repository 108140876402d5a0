package zafu.core.marking;

import java.math.BigDecimal;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import zafu.core.measure.ScoreText;

/** A question that marks itself. An answer of another kind, or one that cannot be read, is simply not right. */
public sealed interface Question {
    boolean isRight(Answer answer);

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
        public boolean isRight(Answer answer) {
            return answer instanceof Answer.Chosen chosen && chosen.option() == right;
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
        public boolean isRight(Answer answer) {
            OptionalDouble given = numberIn(answer);
            return given.isPresent()
                    && BigDecimal.valueOf(given.getAsDouble())
                                    .subtract(value)
                                    .abs()
                                    .compareTo(tolerance)
                            <= 0;
        }

        private static OptionalDouble numberIn(Answer answer) {
            return answer instanceof Answer.Typed typed && ScoreText.read(typed.text()) instanceof ScoreText.Score score
                    ? OptionalDouble.of(score.value())
                    : OptionalDouble.empty();
        }
    }

    /**
     * A word or two; right when it equals one accepted form, whatever the case, the spacing, a closing full stop
     * or the way an accent is encoded.
     */
    record ShortAnswer(List<String> accepted) implements Question {
        public ShortAnswer {
            accepted = List.copyOf(accepted);
        }

        @Override
        public boolean isRight(Answer answer) {
            return answer instanceof Answer.Typed typed
                    && accepted.stream().anyMatch(form -> plain(form).equals(plain(typed.text())));
        }

        private static String plain(String text) {
            return Normalizer.normalize(text, Normalizer.Form.NFC)
                    .replace('’', '\'')
                    .strip()
                    .replaceAll("\\s+", " ")
                    .replaceAll("\\s*\\.$", "")
                    .toLowerCase(Locale.ROOT);
        }
    }
}
