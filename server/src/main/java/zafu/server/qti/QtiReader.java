package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import org.w3c.dom.Element;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.QuestionBody;
import zafu.server.library.QuestionBody.Piece;
import zafu.server.library.QuestionKind;

/** Reads one assessment item of QTI 2.x or 3.0 as a question, or says why it cannot be one. */
final class QtiReader {
    private static final Set<String> ENTRIES = Set.of("textEntryInteraction", "inlineChoiceInteraction");
    private final Element item;
    private final ItemText text;
    private final Map<String, ResponseRule> rules = new LinkedHashMap<>();
    private final List<String> changes = new ArrayList<>();
    private final Scoring scoring;

    private QtiReader(Element item, Function<String, String> pictures) {
        this.item = item;
        this.text = new ItemText(item, pictures);
        Xml.children(item, "responseDeclaration").forEach(each -> {
            ResponseRule rule = ResponseRule.of(each);
            rules.put(rule.identifier(), rule);
        });
        if (!Xml.children(item, "templateDeclaration").isEmpty()) {
            throw new CannotTake(inWords("qti.it-makes-its-numbers-anew-each"));
        }
        if ("true".equals(Xml.attribute(item, "adaptive"))) {
            throw new CannotTake(inWords("qti.it-changes-while-it-is-answered"));
        }
        this.scoring = Scoring.of(item);
    }

    /**
     * @param item the element {@code assessmentItem}
     * @param weight of the item in its test, by which its points are multiplied
     * @throws CannotTake that says why
     */
    static QuestionRead read(Element item, Function<String, String> pictures, BigDecimal weight) {
        return new QtiReader(item, pictures).read(weight);
    }

    private QuestionRead read(BigDecimal weight) {
        List<Element> interactions = Xml.below(text.body()).stream()
                .filter(each -> Xml.name(each).endsWith("Interaction"))
                .toList();
        if (interactions.isEmpty()) {
            throw new CannotTake(inWords("qti.it-asks-nothing"));
        }
        boolean allEntries = interactions.stream().allMatch(each -> ENTRIES.contains(Xml.name(each)));
        if (interactions.size() > 1 && !allEntries) {
            throw new CannotTake(inWords("qti.it-asks-things-of-different-kinds", "count", interactions.size()));
        }
        Element first = interactions.get(0);
        QuestionDraft draft =
                switch (Xml.name(first)) {
                    case "choiceInteraction" -> choice(first);
                    case "orderInteraction" -> ordering(first);
                    case "matchInteraction" -> matching(first);
                    case "hottextInteraction" -> hotWords(first);
                    case "extendedTextInteraction" -> longAnswer(first);
                    case "textEntryInteraction", "inlineChoiceInteraction" -> entries(interactions);
                    default ->
                        throw new CannotTake(
                                inWords("qti.questions-of-the-kind-do-not-exist", "name", Xml.name(first)));
                };
        int points = Scoring.points(BigDecimal.valueOf(draft.points()).multiply(weight));
        QuestionBody full = draft.body()
                .withFeedback(text.feedback(ItemText.RIGHT), text.feedback(ItemText.WRONG))
                .withGuidance(draft.kind() == QuestionKind.LONG_ANSWER ? text.guidance() : null);
        if (text.hasOtherFeedback()) {
            changes.add(inWords("qti.feedback-for-single-answers-is"));
        }
        return new QuestionRead(new QuestionDraft(draft.kind(), draft.prompt(), points, full), changes);
    }

    private ResponseRule rule(Element interaction) {
        ResponseRule found = rules.get(Xml.attribute(interaction, "responseIdentifier"));
        if (found == null) {
            throw new CannotTake(inWords("qti.it-does-not-say-what-is-right"));
        }
        return found;
    }

    private QuestionDraft choice(Element interaction) {
        List<Element> choices = Xml.children(interaction, "simpleChoice");
        List<String> names = identifiers(choices);
        List<String> options = choices.stream().map(text::inside).toList();
        ResponseRule rule = rule(interaction);
        boolean single = rule.cardinality().equals("single");
        List<Integer> right = places(names, rightOf(rule));
        QuestionBody body = QuestionBody.empty()
                .withOptions(options, single ? only(right) : null, single ? null : right)
                .withLeaveOut(leftOut(choices));
        if (body.leaveOut() != null && body.leaveOut().isEmpty()) {
            body = body.withLeaveOut(null);
        }
        String prompt = text.prompt(interaction);
        if (single) {
            return new QuestionDraft(QuestionKind.SINGLE_CHOICE, prompt, wholePoints(rule), body);
        }
        Earned earned = chosenPoints(rule, right.size());
        return new QuestionDraft(
                QuestionKind.MULTIPLE_CHOICE, prompt, earned.points(), body.withByPart(earned.byPart()));
    }

    private static List<Integer> leftOut(List<Element> choices) {
        Map<Integer, Integer> byRank = new TreeMap<>();
        for (int i = 0; i < choices.size(); i++) {
            String mark = choices.get(i).getAttribute("class");
            if (mark.matches("leave-out\\d+")) {
                byRank.put(Integer.valueOf(mark.substring("leave-out".length())), i);
            }
        }
        return List.copyOf(byRank.values());
    }

    private static List<String> identifiers(List<Element> elements) {
        return elements.stream().map(each -> Xml.attribute(each, "identifier")).toList();
    }

    /** What is right, by the way in which the item is scored. */
    private List<String> rightOf(ResponseRule rule) {
        List<String> right = scoring.way() == Scoring.Way.MAP ? rule.earning() : rule.correct();
        if (right.isEmpty()) {
            throw new CannotTake(inWords("qti.it-does-not-say-what-is-right"));
        }
        return right;
    }

    private static List<Integer> places(List<String> names, List<String> wanted) {
        List<Integer> places = wanted.stream().map(names::indexOf).toList();
        if (places.contains(-1)) {
            throw new CannotTake(inWords("qti.what-it-calls-right-is-not-among"));
        }
        return places.stream().sorted().toList();
    }

    private static int only(List<Integer> places) {
        if (places.size() != 1) {
            throw new CannotTake(inWords("qti.one-can-be-chosen-but-earn-points", "count", places.size()));
        }
        return places.get(0);
    }

    private int wholePoints(ResponseRule rule) {
        if (scoring.way() == Scoring.Way.MAP) {
            return Scoring.points(Scoring.sum(rule.mapped()));
        }
        return Scoring.points(scoring.points().orElse(BigDecimal.ONE));
    }

    private record Earned(int points, boolean byPart) {}

    /** Points of something of which several are chosen. */
    private Earned chosenPoints(ResponseRule rule, int right) {
        if (scoring.way() != Scoring.Way.MAP) {
            return new Earned(wholePoints(rule), false);
        }
        int points = sharedPoints(List.copyOf(rule.mapped().values()));
        BigDecimal each = BigDecimal.valueOf(points).divide(BigDecimal.valueOf(right), MathContext.DECIMAL64);
        boolean asHere = rule.mapped().values().stream()
                .filter(value -> value.signum() <= 0)
                .allMatch(value -> value.negate().subtract(each).abs().doubleValue() < 1e-6);
        boolean unlistedEarnNothing =
                rule.mapped().size() == right && rule.otherwise().signum() == 0;
        if (!asHere || unlistedEarnNothing) {
            changes.add(inWords("qti.a-wrong-choice-takes-a-right-one"));
        }
        return new Earned(points, true);
    }

    /** What equal parts earn together; parts that earn differently cannot be kept. */
    private static int sharedPoints(List<BigDecimal> values) {
        List<BigDecimal> earning =
                values.stream().filter(each -> each.signum() > 0).toList();
        BigDecimal first = earning.get(0);
        boolean equal =
                earning.stream().allMatch(each -> each.subtract(first).abs().doubleValue() < 1e-6);
        if (!equal) {
            throw new CannotTake(inWords("qti.its-parts-earn-different-points"));
        }
        BigDecimal sum = earning.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
        return Scoring.points(sum.setScale(6, RoundingMode.HALF_UP));
    }

    private QuestionDraft ordering(Element interaction) {
        List<Element> choices = Xml.children(interaction, "simpleChoice");
        List<String> names = identifiers(choices);
        ResponseRule rule = rule(interaction);
        if (scoring.way() == Scoring.Way.MAP || rule.correct().size() != choices.size()) {
            throw new CannotTake(inWords("qti.it-orders-only-some-of-its-parts"));
        }
        List<String> inOrder = rule.correct().stream()
                .map(names::indexOf)
                .map(place -> {
                    if (place < 0) {
                        throw new CannotTake(inWords("qti.what-it-calls-right-is-not-among-2"));
                    }
                    return text.inside(choices.get(place));
                })
                .toList();
        return new QuestionDraft(
                QuestionKind.ORDERING,
                text.prompt(interaction),
                wholePoints(rule),
                QuestionBody.empty().withOptions(inOrder, null, null));
    }

    private QuestionDraft matching(Element interaction) {
        List<Element> sets = Xml.children(interaction, "simpleMatchSet");
        if (sets.size() != 2) {
            throw new CannotTake(inWords("qti.it-does-not-match-two-sides"));
        }
        List<Element> lefts = Xml.children(sets.get(0), "simpleAssociableChoice");
        List<Element> rights = Xml.children(sets.get(1), "simpleAssociableChoice");
        ResponseRule rule = rule(interaction);
        Map<String, String> partnerOf = new LinkedHashMap<>();
        for (String pair : rightOf(rule)) {
            String[] sides = pair.strip().split("\\s+");
            if (sides.length != 2 || partnerOf.put(sides[0], sides[1]) != null) {
                throw new CannotTake(inWords("qti.one-of-its-parts-belongs-to"));
            }
        }
        List<String> rightNames = identifiers(rights);
        List<Integer> pairs = identifiers(lefts).stream()
                .map(left -> rightNames.indexOf(partnerOf.getOrDefault(left, "")))
                .toList();
        if (pairs.contains(-1)) {
            throw new CannotTake(inWords("qti.one-of-its-parts-belongs-to-none"));
        }
        boolean byPart = scoring.way() == Scoring.Way.MAP;
        int points = byPart ? sharedPoints(List.copyOf(rule.mapped().values())) : wholePoints(rule);
        QuestionBody body = QuestionBody.empty()
                .withMatching(
                        lefts.stream().map(text::inside).toList(),
                        rights.stream().map(text::inside).toList(),
                        pairs)
                .withByPart(byPart);
        return new QuestionDraft(QuestionKind.MATCHING, text.prompt(interaction), points, body);
    }

    private QuestionDraft hotWords(Element interaction) {
        List<String> names = identifiers(Xml.below(interaction, "hottext"));
        ResponseRule rule = rule(interaction);
        List<Integer> right = places(names, rightOf(rule));
        List<Piece> pieces = PiecesRead.of(interaction, changes, hot -> {
            int place = names.indexOf(Xml.attribute(hot, "identifier"));
            return Piece.hot(Xml.text(hot), right.contains(place));
        });
        Earned earned = chosenPoints(rule, right.size());
        QuestionBody body = QuestionBody.empty().withPieces(pieces).withByPart(earned.byPart());
        return new QuestionDraft(QuestionKind.HOT_WORDS, text.prompt(interaction), earned.points(), body);
    }

    private QuestionDraft longAnswer(Element interaction) {
        if (scoring.way() != Scoring.Way.NONE) {
            throw new CannotTake(inWords("qti.it-marks-a-long-text-by-itself"));
        }
        BigDecimal most = Xml.children(item, "outcomeDeclaration").stream()
                .filter(each -> "SCORE".equals(Xml.attribute(each, "identifier")))
                .map(each -> Xml.attribute(each, "normalMaximum"))
                .filter(each -> !each.isEmpty())
                .findFirst()
                .map(BigDecimal::new)
                .orElse(BigDecimal.ONE);
        return new QuestionDraft(
                QuestionKind.LONG_ANSWER, text.prompt(interaction), Scoring.points(most), QuestionBody.empty());
    }

    private QuestionDraft entries(List<Element> entries) {
        Element first = entries.get(0);
        boolean oneTyped = entries.size() == 1 && Xml.is(first, "textEntryInteraction");
        Element line = ItemText.lineOf(first);
        boolean alone = oneTyped && ItemText.startsLine(line, first);
        if (oneTyped && isNumber(rule(first))) {
            return alone ? numeric(first, text.before(line), Xml.text(line)) : numeric(first, text.withGap(first), "");
        }
        if (alone && line.getTextContent().isBlank()) {
            ResponseRule rule = rule(first);
            return new QuestionDraft(
                    QuestionKind.SHORT_ANSWER,
                    text.before(line),
                    blankPoints(List.of(rule)).points(),
                    QuestionBody.empty().withAccepted(accepted(rule)));
        }
        return blanks(entries);
    }

    private static boolean isNumber(ResponseRule rule) {
        return Set.of("float", "integer").contains(rule.baseType());
    }

    private QuestionDraft numeric(Element entry, String prompt, String unit) {
        ResponseRule rule = rule(entry);
        List<String> right = rightOf(rule);
        if (right.size() != 1) {
            throw new CannotTake(inWords("qti.it-takes-different-numbers", "count", right.size()));
        }
        return new QuestionDraft(
                QuestionKind.NUMERIC,
                prompt,
                wholePoints(rule),
                QuestionBody.empty()
                        .withNumber(
                                new BigDecimal(right.get(0)),
                                scoring.tolerance().orElse(BigDecimal.ZERO),
                                unit.isEmpty() ? null : unit));
    }

    private QuestionDraft blanks(List<Element> entries) {
        List<ResponseRule> used = entries.stream().map(this::rule).toList();
        if (used.stream().anyMatch(QtiReader::isNumber)) {
            changes.add(inWords("qti.a-number-among-several-blanks-is"));
        }
        Element whole = Xml.children(text.body(), "div").stream()
                .filter(each -> "blanks".equals(each.getAttribute("class")))
                .findFirst()
                .orElse(text.body());
        List<Piece> pieces = PiecesRead.of(whole, changes, entry -> {
            ResponseRule rule = rule(entry);
            return Xml.is(entry, "inlineChoiceInteraction") ? picked(entry, rule) : Piece.blank(accepted(rule), null);
        });
        Earned earned = blankPoints(used);
        String prompt = whole == text.body() ? "" : text.before(whole);
        QuestionBody body = QuestionBody.empty().withPieces(pieces).withByPart(earned.byPart());
        return new QuestionDraft(QuestionKind.BLANKS, prompt, earned.points(), body);
    }

    private Piece picked(Element entry, ResponseRule rule) {
        List<Element> choices = Xml.children(entry, "inlineChoice");
        List<String> texts = choices.stream().map(Xml::text).toList();
        List<String> right = places(identifiers(choices), rightBlank(rule)).stream()
                .map(texts::get)
                .toList();
        return Piece.blank(right, texts);
    }

    private List<String> rightBlank(ResponseRule rule) {
        return rule.mapped().isEmpty() ? rightOf(rule) : rule.earning();
    }

    private List<String> accepted(ResponseRule rule) {
        if (!rule.mapped().isEmpty() && rule.caseSensitive()) {
            changes.add(inWords("qti.capitals-and-small-letters-count"));
        }
        List<String> forms = new ArrayList<>(rightBlank(rule));
        rule.correct().stream().filter(form -> !forms.contains(form)).forEach(forms::add);
        if (forms.isEmpty()) {
            throw new CannotTake(inWords("qti.it-does-not-say-what-is-right"));
        }
        return forms;
    }

    private Earned blankPoints(List<ResponseRule> used) {
        if (scoring.way() == Scoring.Way.NONE) {
            throw new CannotTake(inWords("qti.it-does-not-say-what-is-right"));
        }
        if (scoring.way() != Scoring.Way.MAP) {
            return new Earned(Scoring.points(scoring.points().orElse(BigDecimal.ONE)), false);
        }
        List<BigDecimal> best = used.stream()
                .map(rule -> rule.mapped().values().stream().reduce(BigDecimal.ZERO, BigDecimal::max))
                .toList();
        boolean formsAlike = used.stream()
                .flatMap(rule -> rule.mapped().values().stream())
                .filter(each -> each.signum() > 0)
                .allMatch(each -> each.subtract(best.get(0)).abs().doubleValue() < 1e-6);
        if (!formsAlike) {
            throw new CannotTake(inWords("qti.some-of-its-answers-earn-less-than"));
        }
        return new Earned(sharedPoints(best), true);
    }
}
