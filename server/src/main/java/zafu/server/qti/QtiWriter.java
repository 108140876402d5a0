package zafu.server.qti;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.QuestionBody;
import zafu.server.library.QuestionKind;

/** Writes one question as an assessment item, in the names of QTI 2.1. */
final class QtiWriter {
    static final String RESPONSE = "RESPONSE";
    private static final String SCORE = "SCORE";
    private final QuestionDraft question;
    private final QuestionBody body;
    private final UnaryOperator<String> xhtml;
    private final List<Tag> declarations = new ArrayList<>();
    private final List<Tag> conditions = new ArrayList<>();

    /** @param xhtml turns Markdown into well-formed XHTML with the package's own pictures */
    QtiWriter(QuestionDraft question, UnaryOperator<String> xhtml) {
        this.question = question;
        this.body = question.body();
        this.xhtml = xhtml;
    }

    Tag write(String identifier, String title, QtiVersion version, String language) {
        Tag itemBody = Tag.of("itemBody");
        if (!question.prompt().isBlank()) {
            itemBody.add(Tag.of("div").with("class", "prompt").addReady(xhtml.apply(question.prompt())));
        }
        itemBody.add(interaction());
        if (body.guidance() != null) {
            itemBody.add(Tag.of("rubricBlock").with("view", "scorer").addReady(xhtml.apply(body.guidance())));
        }
        Tag item = Tag.of("assessmentItem")
                .with("xmlns", version.namespace)
                .with("identifier", identifier)
                .with("title", title)
                .with("adaptive", "false")
                .with("timeDependent", "false")
                .with("xml:lang", language)
                .add(declarations)
                .add(outcome(SCORE, "float", "0").with("normalMaximum", question.points()));
        if (hasFeedback()) {
            item.add(Tag.of("outcomeDeclaration")
                    .with("identifier", "FEEDBACK")
                    .with("cardinality", "single")
                    .with("baseType", "identifier"));
        }
        item.add(itemBody);
        if (question.kind() != QuestionKind.LONG_ANSWER) {
            item.add(Tag.of("responseProcessing").add(conditions));
        }
        addFeedback(item, "right", body.feedbackRight());
        addFeedback(item, "wrong", body.feedbackWrong());
        return item;
    }

    private void addFeedback(Tag item, String identifier, @Nullable String words) {
        if (words != null) {
            item.add(Tag.of("modalFeedback")
                    .with("outcomeIdentifier", "FEEDBACK")
                    .with("identifier", identifier)
                    .with("showHide", "show")
                    .addReady(xhtml.apply(words)));
        }
    }

    private static Tag outcome(String identifier, String type, String start) {
        return Tag.of("outcomeDeclaration", Tag.of("defaultValue", Tag.of("value", start)))
                .with("identifier", identifier)
                .with("cardinality", "single")
                .with("baseType", type);
    }

    private Tag interaction() {
        return switch (question.kind()) {
            case SINGLE_CHOICE, MULTIPLE_CHOICE -> choice();
            case NUMERIC -> numeric();
            case SHORT_ANSWER -> shortAnswer();
            case ORDERING -> ordering();
            case MATCHING -> matching();
            case BLANKS -> blanks();
            case LONG_ANSWER -> longAnswer();
            case HOT_WORDS -> hotWords();
        };
    }

    private Tag choice() {
        Set<Integer> right = body.rightPlaces();
        boolean single = question.kind() == QuestionKind.SINGLE_CHOICE;
        declareChosen(
                single ? "single" : "multiple", "choice", right, body.options().size());
        Tag interaction = Tag.of("choiceInteraction")
                .with("responseIdentifier", RESPONSE)
                .with("shuffle", "false")
                .with("maxChoices", single ? 1 : 0);
        List<Integer> leaveOut = body.leaveOut() == null ? List.of() : body.leaveOut();
        for (int i = 0; i < body.options().size(); i++) {
            interaction.add(Tag.of("simpleChoice")
                    .with("identifier", "choice" + i)
                    .with("class", leaveOut.contains(i) ? "leave-out" + leaveOut.indexOf(i) : null)
                    .addReady(inline(body.options().get(i))));
        }
        return interaction;
    }

    private void declareChosen(String cardinality, String prefix, Set<Integer> right, int size) {
        Tag declaration = declaration(RESPONSE, cardinality, "identifier", prefixed(prefix, right));
        if (Boolean.TRUE.equals(body.byPart())) {
            BigDecimal each = share(right.size());
            Tag mapping = Tag.of("mapping").with("lowerBound", 0).with("defaultValue", 0);
            IntStream.range(0, size)
                    .forEach(i -> mapping.add(Tag.of("mapEntry")
                            .with("mapKey", prefix + i)
                            .with("mappedValue", right.contains(i) ? each : each.negate())));
            declaration.add(mapping);
            scoreBy(Tag.of("mapResponse").with("identifier", RESPONSE));
        } else {
            scoreIf(matches(RESPONSE));
        }
        declarations.add(declaration);
    }

    private static List<String> prefixed(String prefix, Iterable<Integer> places) {
        List<String> names = new ArrayList<>();
        places.forEach(place -> names.add(prefix + place));
        return names;
    }

    private BigDecimal share(int parts) {
        return BigDecimal.valueOf(question.points()).divide(BigDecimal.valueOf(parts), MathContext.DECIMAL64);
    }

    private Tag numeric() {
        declarations.add(
                declaration(RESPONSE, "single", "float", List.of(body.value().toPlainString())));
        BigDecimal within = body.tolerance() == null ? BigDecimal.ZERO : body.tolerance();
        Tag equal = Tag.of("equal")
                .with("toleranceMode", within.signum() == 0 ? "exact" : "absolute")
                .with("tolerance", within.signum() == 0 ? null : within.toPlainString() + " " + within.toPlainString())
                .add(variable(RESPONSE), correct(RESPONSE));
        scoreIf(equal);
        Tag line = Tag.of("p", entry(RESPONSE));
        if (body.unit() != null) {
            line.add(Tag.of("span", body.unit()).with("class", "unit"));
        }
        return line;
    }

    private Tag shortAnswer() {
        declarations.add(acceptedDeclaration(RESPONSE, body.accepted(), BigDecimal.valueOf(question.points())));
        scoreBy(Tag.of("mapResponse").with("identifier", RESPONSE));
        return Tag.of("p", entry(RESPONSE));
    }

    private static Tag acceptedDeclaration(String identifier, List<String> accepted, BigDecimal points) {
        Tag mapping = Tag.of("mapping").with("defaultValue", 0);
        accepted.forEach(form -> mapping.add(Tag.of("mapEntry")
                .with("mapKey", form)
                .with("mappedValue", points)
                .with("caseSensitive", "false")));
        return declaration(identifier, "single", "string", List.of(accepted.get(0)))
                .add(mapping);
    }

    private Tag ordering() {
        int size = body.options().size();
        declarations.add(declaration(
                RESPONSE,
                "ordered",
                "identifier",
                prefixed("part", IntStream.range(0, size).boxed().toList())));
        scoreIf(matches(RESPONSE));
        Tag interaction =
                Tag.of("orderInteraction").with("responseIdentifier", RESPONSE).with("shuffle", "true");
        for (int i = 0; i < size; i++) {
            interaction.add(Tag.of("simpleChoice")
                    .with("identifier", "part" + i)
                    .addReady(inline(body.options().get(i))));
        }
        return interaction;
    }

    private Tag matching() {
        List<String> pairs = IntStream.range(0, body.options().size())
                .mapToObj(i -> "left" + i + " right" + body.pairs().get(i))
                .toList();
        Tag declaration = declaration(RESPONSE, "multiple", "directedPair", pairs);
        if (Boolean.TRUE.equals(body.byPart())) {
            Tag mapping = Tag.of("mapping").with("defaultValue", 0);
            pairs.forEach(pair ->
                    mapping.add(Tag.of("mapEntry").with("mapKey", pair).with("mappedValue", share(pairs.size()))));
            declaration.add(mapping);
            scoreBy(Tag.of("mapResponse").with("identifier", RESPONSE));
        } else {
            scoreIf(matches(RESPONSE));
        }
        declarations.add(declaration);
        return Tag.of(
                        "matchInteraction",
                        matchSet("left", body.options(), 1),
                        matchSet("right", body.partners(), body.options().size()))
                .with("responseIdentifier", RESPONSE)
                .with("shuffle", "true")
                .with("maxAssociations", body.options().size());
    }

    private Tag matchSet(String prefix, List<String> texts, int most) {
        Tag set = Tag.of("simpleMatchSet");
        for (int i = 0; i < texts.size(); i++) {
            set.add(Tag.of("simpleAssociableChoice")
                    .with("identifier", prefix + i)
                    .with("matchMax", most)
                    .addReady(inline(texts.get(i))));
        }
        return set;
    }

    private Tag blanks() {
        Tag text = Tag.of("div").with("class", "blanks");
        Tag line = Tag.of("p");
        List<QuestionBody.Piece> blanks = body.blankPieces();
        List<Tag> checks = new ArrayList<>();
        int place = 0;
        for (QuestionBody.Piece piece : body.pieces()) {
            if (!piece.asksForWords()) {
                addLines(line, piece.text());
                continue;
            }
            String identifier = RESPONSE + place++;
            boolean byPart = Boolean.TRUE.equals(body.byPart());
            if (piece.choices() == null) {
                declarations.add(acceptedDeclaration(
                        identifier, piece.accepted(), byPart ? share(blanks.size()) : BigDecimal.ONE));
                line.add(entry(identifier));
            } else {
                line.add(inlineChoice(identifier, piece));
            }
            checks.add(Tag.of("mapResponse").with("identifier", identifier));
        }
        if (Boolean.TRUE.equals(body.byPart())) {
            scoreBy(Tag.of("sum").add(checks));
        } else {
            scoreIf(Tag.of("equal", Tag.of("sum").add(checks), base("float", String.valueOf(blanks.size())))
                    .with("toleranceMode", "exact"));
        }
        return text.add(line);
    }

    private Tag inlineChoice(String identifier, QuestionBody.Piece piece) {
        boolean byPart = Boolean.TRUE.equals(body.byPart());
        List<String> right = piece.accepted().stream()
                .map(form -> "choice" + piece.choices().indexOf(form))
                .toList();
        Tag mapping = Tag.of("mapping").with("defaultValue", 0);
        right.forEach(key -> mapping.add(Tag.of("mapEntry")
                .with("mapKey", key)
                .with("mappedValue", byPart ? share(body.blankPieces().size()) : BigDecimal.ONE)));
        declarations.add(declaration(identifier, "single", "identifier", right.subList(0, 1))
                .add(mapping));
        Tag interaction = Tag.of("inlineChoiceInteraction")
                .with("responseIdentifier", identifier)
                .with("shuffle", "false");
        for (int i = 0; i < piece.choices().size(); i++) {
            interaction.add(Tag.of("inlineChoice", piece.choices().get(i)).with("identifier", "choice" + i));
        }
        return interaction;
    }

    private Tag longAnswer() {
        declarations.add(Tag.of("responseDeclaration")
                .with("identifier", RESPONSE)
                .with("cardinality", "single")
                .with("baseType", "string"));
        return Tag.of("extendedTextInteraction").with("responseIdentifier", RESPONSE);
    }

    private Tag hotWords() {
        List<QuestionBody.Piece> words = body.hotPieces();
        Set<Integer> right = IntStream.range(0, words.size())
                .filter(i -> Boolean.TRUE.equals(words.get(i).right()))
                .boxed()
                .collect(Collectors.toCollection(TreeSet::new));
        declareChosen("multiple", "word", right, words.size());
        Tag line = Tag.of("p");
        int place = 0;
        for (QuestionBody.Piece piece : body.pieces()) {
            if (piece.canBeChosen()) {
                line.add(Tag.of("hottext", piece.text()).with("identifier", "word" + place++));
            } else {
                addLines(line, piece.text());
            }
        }
        return Tag.of("hottextInteraction", line)
                .with("responseIdentifier", RESPONSE)
                .with("maxChoices", 0);
    }

    private static void addLines(Tag line, String text) {
        String[] lines = text.split("\n", -1);
        for (int i = 0; i < lines.length; i++) {
            if (i > 0) {
                line.add(Tag.of("br"));
            }
            line.add(lines[i]);
        }
    }

    private static Tag declaration(String identifier, String cardinality, String type, List<String> correct) {
        Tag values = Tag.of("correctResponse");
        correct.forEach(each -> values.add(Tag.of("value", each)));
        return Tag.of("responseDeclaration", values)
                .with("identifier", identifier)
                .with("cardinality", cardinality)
                .with("baseType", type);
    }

    private static Tag entry(String identifier) {
        return Tag.of("textEntryInteraction").with("responseIdentifier", identifier);
    }

    private String inline(String markdown) {
        String html = xhtml.apply(markdown).strip();
        boolean onePart = html.startsWith("<p>") && html.endsWith("</p>") && html.indexOf("<p>", 1) < 0;
        return onePart ? html.substring(3, html.length() - 4) : html;
    }

    private static Tag variable(String identifier) {
        return Tag.of("variable").with("identifier", identifier);
    }

    private static Tag correct(String identifier) {
        return Tag.of("correct").with("identifier", identifier);
    }

    private static Tag matches(String identifier) {
        return Tag.of("match", variable(identifier), correct(identifier));
    }

    private static Tag base(String type, String value) {
        return Tag.of("baseValue", value).with("baseType", type);
    }

    private void scoreIf(Tag right) {
        Tag then = Tag.of("responseIf", right, set(SCORE, base("float", String.valueOf(question.points()))));
        Tag otherwise = Tag.of("responseElse", set(SCORE, base("float", "0")));
        if (hasFeedback()) {
            then.add(set("FEEDBACK", base("identifier", "right")));
            otherwise.add(set("FEEDBACK", base("identifier", "wrong")));
        }
        conditions.add(Tag.of("responseCondition", then, otherwise));
    }

    private boolean hasFeedback() {
        return body.feedbackRight() != null || body.feedbackWrong() != null;
    }

    private void scoreBy(Tag sum) {
        conditions.add(set(SCORE, sum));
        if (hasFeedback()) {
            conditions.add(Tag.of(
                    "responseCondition",
                    Tag.of(
                            "responseIf",
                            Tag.of("gte", variable(SCORE), base("float", String.valueOf(question.points()))),
                            set("FEEDBACK", base("identifier", "right"))),
                    Tag.of("responseElse", set("FEEDBACK", base("identifier", "wrong")))));
        }
    }

    private static Tag set(String outcome, Tag value) {
        return Tag.of("setOutcomeValue", value).with("identifier", outcome);
    }
}
