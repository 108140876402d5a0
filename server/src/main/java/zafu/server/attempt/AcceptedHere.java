package zafu.server.attempt;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import zafu.core.marking.AcceptedForms;
import zafu.server.library.Library;
import zafu.server.library.QuestionKind;

/** The answers that people let count for everybody at one task, by question. */
record AcceptedHere(Map<Long, List<AcceptedAnswer>> byQuestion) {

    static AcceptedHere of(List<AcceptedAnswer> all) {
        return new AcceptedHere(all.stream().collect(Collectors.groupingBy(each -> each.questionId)));
    }

    /** Points that everybody has who gave this; empty where nobody said so. */
    OptionalDouble points(Library.Asked asked, String given) {
        return byQuestion.getOrDefault(asked.id(), List.of()).stream()
                .filter(each -> isSame(asked.kind(), each.given, given))
                .mapToDouble(each -> each.points)
                .findFirst();
    }

    /** Typed words are the same whatever the case and spacing; what was chosen or put in order must be equal. */
    static boolean isSame(QuestionKind kind, String one, String other) {
        boolean typed =
                kind == QuestionKind.SHORT_ANSWER || kind == QuestionKind.NUMERIC || kind == QuestionKind.BLANKS;
        return typed ? AcceptedForms.accept(List.of(one), other) : one.equals(other);
    }
}
