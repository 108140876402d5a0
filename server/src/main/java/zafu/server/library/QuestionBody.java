package zafu.server.library;

import java.math.BigDecimal;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.Question;
import zafu.server.platform.Refusal;

/**
 * What a question asks for; which fields are there depends on its kind.
 *
 * @param options of a choice, at least two
 * @param right place of the right option, from 0
 * @param value of a numeric question
 * @param tolerance how far from the value is still right
 * @param unit shown beside the answer of a numeric question
 * @param accepted forms of a short answer, at least one
 */
record QuestionBody(
        @Nullable List<String> options,
        @Nullable Integer right,
        @Nullable BigDecimal value,
        @Nullable BigDecimal tolerance,
        @Nullable String unit,
        @Nullable List<String> accepted) {

    /** The question as the core marks it, or a refusal that says what is missing. */
    Question asQuestion(QuestionKind kind, String prompt) {
        return switch (kind) {
            case SINGLE_CHOICE -> choice(prompt);
            case NUMERIC -> numeric(prompt);
            case SHORT_ANSWER -> shortAnswer(prompt);
        };
    }

    private Question choice(String prompt) {
        if (options == null || options.size() < 2 || options.stream().anyMatch(String::isBlank)) {
            throw incomplete(prompt, "needs at least two options, none of them empty");
        }
        if (right == null || right < 0 || right >= options.size()) {
            throw incomplete(prompt, "needs one option marked as right");
        }
        return new Question.SingleChoice(options, right);
    }

    private Question numeric(String prompt) {
        if (value == null) {
            throw incomplete(prompt, "needs a number as its answer");
        }
        BigDecimal within = tolerance == null ? BigDecimal.ZERO : tolerance;
        if (within.signum() < 0) {
            throw incomplete(prompt, "has a tolerance below 0");
        }
        return new Question.Numeric(value, within);
    }

    private Question shortAnswer(String prompt) {
        if (accepted == null || accepted.isEmpty() || accepted.stream().anyMatch(String::isBlank)) {
            throw incomplete(prompt, "needs at least one accepted answer");
        }
        return new Question.ShortAnswer(accepted);
    }

    private static Refusal incomplete(String prompt, String what) {
        String named = prompt.isBlank() ? "A question without words" : "The question \"" + prompt + "\"";
        return Refusal.unusableField("question-incomplete", "questions", named + " " + what + ".");
    }
}
