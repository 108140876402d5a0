package zafu.server.exchange;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import zafu.server.exchange.ImportQuestion.Choice;

/** Gathers the questions about a file while it is read, each with the answer that was given to it. */
final class Asking {
    private static final int EXAMPLES = 4;
    private final Map<String, String> answers;
    private final Map<String, ImportQuestion> asked = new LinkedHashMap<>();

    /** @param answers keys of choices by key of question, as a person gave them or as they were remembered */
    Asking(Map<String, String> answers) {
        this.answers = new LinkedHashMap<>(answers);
    }

    /** Answers that were given before count where none is given now. */
    void remember(Map<String, String> before) {
        before.forEach(answers::putIfAbsent);
    }

    static Asking nobody() {
        return new Asking(Map.of());
    }

    /** Asks about every file of this shape. @return the key of the choice that was made, empty while it is open */
    Optional<String> ofShape(String key, String asks, String why, List<Choice> choices) {
        return ask(key, asks, why, choices, true);
    }

    /** Asks about this file alone. */
    Optional<String> ofFile(String key, String asks, String why, List<Choice> choices) {
        return ask(key, asks, why, choices, false);
    }

    private Optional<String> ask(String key, String asks, String why, List<Choice> choices, boolean ofTheShape) {
        String given = answers.get(key);
        boolean known = choices.stream().anyMatch(choice -> choice.key().equals(given));
        asked.put(key, new ImportQuestion(key, asks, why, choices, known ? given : null, ofTheShape));
        return known ? Optional.of(given) : Optional.empty();
    }

    /** The first few of what a question is about, as they stand in the file. */
    static String examples(Collection<String> cells) {
        return cells.stream()
                .limit(EXAMPLES)
                .map(each -> "“" + each + "”")
                .collect(Collectors.joining(", ", "", cells.size() > EXAMPLES ? ", …" : ""));
    }

    List<ImportQuestion> asked() {
        return List.copyOf(asked.values());
    }

    List<ImportQuestion> open() {
        return asked.values().stream().filter(each -> each.answer() == null).toList();
    }

    /** Answers that hold for every file of these columns. */
    Map<String, String> ofTheShape() {
        Map<String, String> found = new LinkedHashMap<>();
        asked.values().stream()
                .filter(each -> each.ofTheShape() && each.answer() != null)
                .forEach(each -> found.put(each.key(), each.answer()));
        return found;
    }
}
