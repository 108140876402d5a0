package zafu.server.library;

import static zafu.server.platform.Words.inWords;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.Question;
import zafu.core.marking.Rubric;
import zafu.server.platform.Refusal;

/**
 * What a question asks for; which fields are there depends on its kind.
 *
 * @param options of a choice, at least two; the parts of an ordering in the right order; the left side of a matching
 * @param right place of the right option, from 0
 * @param rights places of the right options of a multiple choice
 * @param leaveOut places of options that go first where a student is given fewer choices
 * @param partners the right side of a matching
 * @param pairs for each place on the left its place on the right
 * @param value of a numeric question
 * @param tolerance how far from the value is still right
 * @param unit shown beside the answer of a numeric question
 * @param accepted forms of a short answer, at least one
 * @param pieces of a text with blanks or hot words, in order
 * @param byPart whether what is partly right earns a part
 * @param feedbackRight said after a right answer, Markdown
 * @param feedbackWrong said after any other
 * @param guidance for whoever marks a long answer
 */
public record QuestionBody(
        @Nullable @Size(max = 40) List<String> options,
        @Nullable Integer right,
        @Nullable @Size(max = 40) List<Integer> rights,
        @Nullable @Size(max = 40) List<Integer> leaveOut,
        @Nullable @Size(max = 40) List<String> partners,
        @Nullable @Size(max = 40) List<Integer> pairs,
        @Nullable BigDecimal value,
        @Nullable BigDecimal tolerance,
        @Nullable @Size(max = 40) String unit,
        @Nullable @Size(max = 60) List<String> accepted,
        @Nullable @Size(max = 400) List<@Valid Piece> pieces,
        @Nullable Boolean byPart,
        @Nullable @Size(max = 2000) String feedbackRight,
        @Nullable @Size(max = 2000) String feedbackWrong,
        @Nullable @Size(max = 2000) String guidance) {

    /** Whether what is asked is the same, whatever is right: answers to one are answers to the other. */
    public boolean asksTheSame(QuestionBody other) {
        return Objects.equals(options, other.options)
                && Objects.equals(partners, other.partners)
                && Objects.equals(unit, other.unit)
                && Objects.equals(asked(pieces), asked(other.pieces));
    }

    private static @Nullable List<Piece> asked(@Nullable List<Piece> all) {
        return all == null
                ? null
                : all.stream()
                        .map(each -> new Piece(
                                each.text,
                                each.accepted == null ? null : List.of(),
                                each.choices,
                                each.right == null ? null : true))
                        .toList();
    }

    /** Whether the same answers are right; what is said about them may differ. */
    public boolean isMarkedLike(QuestionBody other) {
        return asksTheSame(other)
                && Objects.equals(right, other.right)
                && Objects.equals(rights, other.rights)
                && Objects.equals(pairs, other.pairs)
                && isSameNumber(value, other.value)
                && isSameNumber(tolerance, other.tolerance)
                && Objects.equals(accepted, other.accepted)
                && Objects.equals(pieces, other.pieces)
                && Objects.equals(byPart, other.byPart);
    }

    private static boolean isSameNumber(@Nullable BigDecimal one, @Nullable BigDecimal other) {
        return one == null || other == null ? Objects.equals(one, other) : one.compareTo(other) == 0;
    }

    /**
     * A stretch of text; a blank; or a word that can be chosen.
     *
     * @param accepted forms of a blank; absent where it is none
     * @param choices to pick a blank's answer from; absent where it is typed
     * @param right whether a hot word is one of the right ones; absent where the text is not hot
     */
    public record Piece(
            String text,
            @Nullable @Size(max = 40) List<String> accepted,
            @Nullable @Size(max = 40) List<String> choices,
            @Nullable Boolean right) {
        static Piece plain(String text) {
            return new Piece(text, null, null, null);
        }

        public static Piece blank(List<String> accepted, @Nullable List<String> choices) {
            return new Piece("", accepted, choices, null);
        }

        public static Piece hot(String text, boolean right) {
            return new Piece(text, null, null, right);
        }

        public boolean asksForWords() {
            return accepted != null;
        }

        public boolean canBeChosen() {
            return right != null;
        }
    }

    /** A body that asks for nothing yet, to which what a kind needs is added. */
    public static QuestionBody empty() {
        return new Draft().body();
    }

    public QuestionBody withOptions(List<String> shown, @Nullable Integer one, @Nullable List<Integer> several) {
        return with(draft -> {
            draft.options = shown;
            draft.right = one;
            draft.rights = several;
        });
    }

    public QuestionBody withLeaveOut(@Nullable List<Integer> places) {
        return with(draft -> draft.leaveOut = places);
    }

    public QuestionBody withMatching(List<String> lefts, List<String> rightSide, List<Integer> belonging) {
        return with(draft -> {
            draft.options = lefts;
            draft.partners = rightSide;
            draft.pairs = belonging;
        });
    }

    public QuestionBody withNumber(BigDecimal answer, BigDecimal within, @Nullable String in) {
        return with(draft -> {
            draft.value = answer;
            draft.tolerance = within;
            draft.unit = in;
        });
    }

    public QuestionBody withAccepted(List<String> forms) {
        return with(draft -> draft.accepted = forms);
    }

    public QuestionBody withPieces(List<Piece> parts) {
        return with(draft -> draft.pieces = parts);
    }

    public QuestionBody withByPart(boolean earned) {
        return with(draft -> draft.byPart = earned ? Boolean.TRUE : null);
    }

    public QuestionBody withFeedback(@Nullable String forRight, @Nullable String forWrong) {
        return with(draft -> {
            draft.feedbackRight = forRight;
            draft.feedbackWrong = forWrong;
        });
    }

    /** The criteria that stand in the guidance; none where there are none. */
    public Rubric rubric() {
        return Rubric.in(guidance == null ? "" : guidance);
    }

    public QuestionBody withGuidance(@Nullable String words) {
        return with(draft -> draft.guidance = words);
    }

    private QuestionBody with(Consumer<Draft> change) {
        Draft draft = new Draft();
        draft.options = options;
        draft.right = right;
        draft.rights = rights;
        draft.leaveOut = leaveOut;
        draft.partners = partners;
        draft.pairs = pairs;
        draft.value = value;
        draft.tolerance = tolerance;
        draft.unit = unit;
        draft.accepted = accepted;
        draft.pieces = pieces;
        draft.byPart = byPart;
        draft.feedbackRight = feedbackRight;
        draft.feedbackWrong = feedbackWrong;
        draft.guidance = guidance;
        change.accept(draft);
        return draft.body();
    }

    /** A body while something in it is changed. */
    private static final class Draft {
        private @Nullable List<String> options;
        private @Nullable Integer right;
        private @Nullable List<Integer> rights;
        private @Nullable List<Integer> leaveOut;
        private @Nullable List<String> partners;
        private @Nullable List<Integer> pairs;
        private @Nullable BigDecimal value;
        private @Nullable BigDecimal tolerance;
        private @Nullable String unit;
        private @Nullable List<String> accepted;
        private @Nullable List<Piece> pieces;
        private @Nullable Boolean byPart;
        private @Nullable String feedbackRight;
        private @Nullable String feedbackWrong;
        private @Nullable String guidance;

        private QuestionBody body() {
            return new QuestionBody(
                    options,
                    right,
                    rights,
                    leaveOut,
                    partners,
                    pairs,
                    value,
                    tolerance,
                    unit,
                    accepted,
                    pieces,
                    byPart,
                    feedbackRight,
                    feedbackWrong,
                    guidance);
        }
    }

    /** The question as the core marks it, or a refusal that says what is missing. */
    public Question asQuestion(QuestionKind kind, String prompt) {
        return switch (kind) {
            case SINGLE_CHOICE -> choice(prompt);
            case MULTIPLE_CHOICE -> multipleChoice(prompt);
            case NUMERIC -> numeric(prompt);
            case SHORT_ANSWER -> shortAnswer(prompt);
            case ORDERING -> ordering(prompt);
            case MATCHING -> matching(prompt);
            case BLANKS -> blanks(prompt);
            case LONG_ANSWER -> new Question.LongAnswer();
            case HOT_WORDS -> hotWords(prompt);
        };
    }

    /** Places of the options that are right, of a choice of either kind. */
    public Set<Integer> rightPlaces() {
        Set<Integer> places = new TreeSet<>(rights == null ? List.of() : rights);
        if (right != null) {
            places.add(right);
        }
        return places;
    }

    public List<Piece> hotPieces() {
        return pieces == null
                ? List.of()
                : pieces.stream().filter(Piece::canBeChosen).toList();
    }

    public List<Piece> blankPieces() {
        return pieces == null
                ? List.of()
                : pieces.stream().filter(Piece::asksForWords).toList();
    }

    private boolean earnsByPart() {
        return Boolean.TRUE.equals(byPart);
    }

    private List<String> atLeastTwo(@Nullable List<String> list, String prompt, String what) {
        if (list == null || list.size() < 2 || list.stream().anyMatch(String::isBlank)) {
            throw incomplete(prompt, inWords("library.needs-two." + what));
        }
        return list;
    }

    private Question choice(String prompt) {
        List<String> shown = atLeastTwo(options, prompt, "options");
        if (right == null || right < 0 || right >= shown.size()) {
            throw incomplete(prompt, inWords("library.needs-one-option-marked-as-right"));
        }
        return new Question.SingleChoice(shown, right);
    }

    private Question multipleChoice(String prompt) {
        List<String> shown = atLeastTwo(options, prompt, "options");
        if (rights == null || rights.isEmpty() || rights.stream().anyMatch(each -> each < 0 || each >= shown.size())) {
            throw incomplete(prompt, inWords("library.needs-at-least-one-option-marked"));
        }
        return new Question.MultipleChoice(shown.size(), Set.copyOf(rights), earnsByPart());
    }

    private Question numeric(String prompt) {
        if (value == null) {
            throw incomplete(prompt, inWords("library.needs-a-number-as-its-answer"));
        }
        BigDecimal within = tolerance == null ? BigDecimal.ZERO : tolerance;
        if (within.signum() < 0) {
            throw incomplete(prompt, inWords("library.has-a-tolerance-below"));
        }
        return new Question.Numeric(value, within);
    }

    private Question shortAnswer(String prompt) {
        if (accepted == null || accepted.isEmpty() || accepted.stream().anyMatch(String::isBlank)) {
            throw incomplete(prompt, inWords("library.needs-at-least-one-accepted-answer"));
        }
        return new Question.ShortAnswer(accepted);
    }

    private Question ordering(String prompt) {
        List<String> parts = atLeastTwo(options, prompt, "parts");
        if (new LinkedHashSet<>(parts).size() < parts.size()) {
            throw incomplete(prompt, inWords("library.has-the-same-part-twice-so-its"));
        }
        return new Question.Ordering(parts.size());
    }

    private Question matching(String prompt) {
        List<String> lefts = atLeastTwo(options, prompt, "pairs");
        List<String> rightSide = atLeastTwo(partners, prompt, "partners");
        boolean complete = pairs != null
                && pairs.size() == lefts.size()
                && pairs.stream().allMatch(each -> each >= 0 && each < rightSide.size());
        if (!complete) {
            throw incomplete(prompt, inWords("library.needs-a-partner-for-each", "count", lefts.size()));
        }
        return new Question.Matching(pairs, earnsByPart());
    }

    private Question blanks(String prompt) {
        List<Piece> blanks = blankPieces();
        if (blanks.isEmpty()) {
            throw incomplete(prompt, inWords("library.needs-at-least-one-blank"));
        }
        for (Piece blank : blanks) {
            if (blank.accepted().isEmpty() || blank.accepted().stream().anyMatch(String::isBlank)) {
                throw incomplete(prompt, inWords("library.has-a-blank-without-an-answer"));
            }
            if (blank.choices() != null && !blank.choices().containsAll(blank.accepted())) {
                throw incomplete(prompt, inWords("library.has-a-blank-whose-answer-is-not"));
            }
        }
        return new Question.Blanks(blanks.stream().map(Piece::accepted).toList(), earnsByPart());
    }

    private Question hotWords(String prompt) {
        List<Piece> words = hotPieces();
        List<Integer> places = IntStream.range(0, words.size())
                .filter(place -> Boolean.TRUE.equals(words.get(place).right()))
                .boxed()
                .toList();
        if (words.size() < 2 || places.isEmpty()) {
            throw incomplete(prompt, inWords("library.needs-at-least-two-words-to-choose"));
        }
        return new Question.MultipleChoice(words.size(), Set.copyOf(places), earnsByPart());
    }

    private static Refusal incomplete(String prompt, String what) {
        String named = prompt.isBlank()
                ? inWords("library.a-question-without-words")
                : inWords("library.the-question", "prompt", prompt);
        return Refusal.unusableField(
                "question-incomplete", "questions", inWords("library.incomplete", "question", named, "what", what));
    }
}
