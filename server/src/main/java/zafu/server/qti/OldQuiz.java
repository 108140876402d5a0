package zafu.server.qti;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.jsoup.Jsoup;
import org.jspecify.annotations.Nullable;
import org.w3c.dom.Element;
import zafu.server.library.ItemDraft.QuestionDraft;
import zafu.server.library.QuestionBody;
import zafu.server.library.QuestionKind;
import zafu.server.qti.PackageRead.Finding;

/**
 * A quiz of a Common Cartridge, which is written in QTI 1.2: one of several, several of several, true or false, a short
 * answer, a long answer.
 */
record OldQuiz(String title, @Nullable Integer minutes, List<QuestionRead> questions, List<Finding> leftOut) {

    static OldQuiz read(Element root, Function<String, String> pictures) {
        Element assessment = Xml.below(root, "assessment").stream()
                .findFirst()
                .orElseThrow(() -> new CannotTake(inWords("qti.it-holds-no-assessment")));
        List<QuestionRead> questions = new ArrayList<>();
        List<Finding> leftOut = new ArrayList<>();
        for (Element item : Xml.below(assessment, "item")) {
            String name = Xml.attribute(item, "title").isEmpty()
                    ? Xml.attribute(item, "ident")
                    : Xml.attribute(item, "title");
            try {
                questions.add(new Item(item, pictures).read());
            } catch (CannotTake why) {
                leftOut.add(new Finding("\"" + name + "\"", why.getMessage()));
            }
        }
        return new OldQuiz(Xml.attribute(assessment, "title").strip(), minutes(assessment), questions, leftOut);
    }

    private static @Nullable Integer minutes(Element assessment) {
        Map<String, String> facts = facts(assessment);
        String limit = facts.getOrDefault("qmd_timelimit", facts.getOrDefault("cc_maxtime", ""));
        return limit.matches("\\d{1,4}") ? Integer.valueOf(limit) : null;
    }

    /** The labelled facts of an element's own metadata. */
    private static Map<String, String> facts(Element element) {
        Map<String, String> facts = new LinkedHashMap<>();
        for (String part : List.of("qtimetadata", "itemmetadata")) {
            Xml.children(element, part).forEach(metadata -> Xml.below(metadata, "qtimetadatafield")
                    .forEach(field -> facts.put(
                            Xml.child(field, "fieldlabel").map(Xml::text).orElse(""),
                            Xml.child(field, "fieldentry").map(Xml::text).orElse(""))));
        }
        return facts;
    }

    /** One question. */
    private static final class Item {
        private final Element item;
        private final HtmlMarkdown markdown;
        private final Map<String, String> facts;
        private final List<String> changes = new ArrayList<>();

        Item(Element item, Function<String, String> pictures) {
            this.item = item;
            this.markdown = new HtmlMarkdown(pictures);
            this.facts = facts(item);
        }

        QuestionRead read() {
            String profile = facts.getOrDefault("cc_profile", "");
            QuestionDraft draft;
            if (profile.startsWith("cc.multiple_choice") || profile.startsWith("cc.true_false")) {
                draft = choice(false);
            } else if (profile.startsWith("cc.multiple_response")) {
                draft = choice(true);
            } else if (profile.startsWith("cc.fib") || profile.startsWith("cc.pattern_match")) {
                draft = shortAnswer();
            } else if (profile.startsWith("cc.essay")) {
                draft = new QuestionDraft(QuestionKind.LONG_ANSWER, prompt(), points(), QuestionBody.empty());
            } else {
                throw new CannotTake(inWords("qti.questions-of-the-kind-do-not-exist", "name", profile));
            }
            return new QuestionRead(draft, changes);
        }

        private int points() {
            String weight = facts.getOrDefault("cc_weighting", "1");
            return Scoring.points(weight.matches("\\d+(\\.\\d+)?") ? new BigDecimal(weight) : BigDecimal.ONE);
        }

        private String prompt() {
            Element presentation =
                    Xml.child(item, "presentation").orElseThrow(() -> new CannotTake(inWords("qti.it-asks-nothing")));
            List<String> words = new ArrayList<>();
            materialsBefore(presentation, words);
            return String.join("\n\n", words);
        }

        private void materialsBefore(Element parent, List<String> words) {
            for (Element child : Xml.children(parent)) {
                if (Xml.name(child).equals("material")) {
                    words.add(material(child));
                } else if (Xml.name(child).equals("flow")) {
                    materialsBefore(child, words);
                }
            }
        }

        private String material(Element material) {
            List<String> words = new ArrayList<>();
            for (Element part : Xml.children(material)) {
                if (!Xml.name(part).equals("mattext")) {
                    throw new CannotTake(inWords("qti.it-holds-which-cannot-be-shown", "name", Xml.name(part)));
                }
                String type = Xml.attribute(part, "texttype");
                words.add(
                        type.contains("html")
                                ? markdown.ofPage(part.getTextContent())
                                : markdown.ofPage(Jsoup.parse("<p></p>")
                                        .createElement("p")
                                        .text(Xml.text(part))
                                        .outerHtml()));
            }
            return String.join("\n\n", words);
        }

        private QuestionDraft choice(boolean several) {
            List<String> names = new ArrayList<>();
            List<String> options = new ArrayList<>();
            for (Element label : Xml.below(item, "response_label")) {
                names.add(Xml.attribute(label, "ident"));
                options.add(Xml.below(label, "material").stream()
                        .findFirst()
                        .map(this::material)
                        .orElse(""));
            }
            List<Integer> right =
                    rightNames().stream().map(names::indexOf).sorted().toList();
            if (right.isEmpty() || right.contains(-1) || (!several && right.size() != 1)) {
                throw new CannotTake(inWords("qti.it-does-not-say-what-is-right"));
            }
            QuestionBody body =
                    QuestionBody.empty().withOptions(options, several ? null : right.get(0), several ? right : null);
            return new QuestionDraft(
                    several ? QuestionKind.MULTIPLE_CHOICE : QuestionKind.SINGLE_CHOICE, prompt(), points(), body);
        }

        /** What is asked for, and not asked not to be, in the condition that gives points. */
        private List<String> rightNames() {
            List<String> right = new ArrayList<>();
            for (Element condition : scoring()) {
                Element test = Xml.child(condition, "conditionvar").orElseThrow();
                List<Element> excluded = Xml.below(test, "not").stream()
                        .flatMap(not -> Xml.below(not, "varequal").stream())
                        .toList();
                Xml.below(test, "varequal").stream()
                        .filter(each -> !excluded.contains(each))
                        .forEach(each -> right.add(Xml.text(each)));
            }
            return right;
        }

        private List<Element> scoring() {
            return Xml.below(item, "respcondition").stream()
                    .filter(condition -> Xml.children(condition, "setvar").stream()
                            .anyMatch(set -> Xml.text(set).matches("[1-9]\\d*(\\.\\d+)?")))
                    .toList();
        }

        private QuestionDraft shortAnswer() {
            List<String> forms = new ArrayList<>();
            for (Element condition : scoring()) {
                for (Element test : Xml.below(condition, "conditionvar").stream()
                        .flatMap(each -> Xml.below(each).stream())
                        .toList()) {
                    switch (Xml.name(test)) {
                        case "varequal" -> addForm(forms, test);
                        case "or" -> {}
                        default -> throw new CannotTake(inWords("qti.it-looks-for-a-part-of-the-answer"));
                    }
                }
            }
            if (forms.isEmpty()) {
                throw new CannotTake(inWords("qti.it-does-not-say-what-is-right"));
            }
            return new QuestionDraft(
                    QuestionKind.SHORT_ANSWER,
                    prompt(),
                    points(),
                    QuestionBody.empty().withAccepted(forms));
        }

        private void addForm(List<String> forms, Element test) {
            if (Xml.attribute(test, "case").equalsIgnoreCase("yes")
                    && !changes.contains(inWords("qti.capitals-and-small-letters-count"))) {
                changes.add(inWords("qti.capitals-and-small-letters-count"));
            }
            if (!forms.contains(Xml.text(test))) {
                forms.add(Xml.text(test));
            }
        }
    }
}
