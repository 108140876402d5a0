package zafu.server.task;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zafu.core.need.Accommodation;
import zafu.core.need.NeedsForWork;
import zafu.core.need.Support;

/**
 * What a student has at hand in a piece of work: from their needs, and from what is set for their groups.
 *
 * @param breakMinutes 0 for none
 * @param choicesLeft how many options of a choice are left, absent for all
 * @param percentOfQuestions how many percent of the questions are left, absent for all
 * @param alongside what may lie beside the work, in a teacher's words
 */
public record Aids(
        boolean readAloud,
        boolean largeText,
        int breakMinutes,
        @Nullable Integer choicesLeft,
        @Nullable Integer percentOfQuestions,
        List<String> languages,
        List<String> tools,
        List<String> alongside) {

    static Aids of(NeedsForWork needs, List<GroupSetting> settings) {
        Set<String> tools = new LinkedHashSet<>(details(needs, Support.TOOL));
        List<String> alongside = new ArrayList<>();
        for (GroupSetting setting : settings) {
            tools.addAll(setting.toolList());
            if (!setting.alongside.isBlank()) {
                alongside.add(setting.alongside);
            }
        }
        return new Aids(
                needs.has(Support.READ_ALOUD) || settings.stream().anyMatch(each -> each.readAloud),
                needs.has(Support.LARGE_TEXT),
                amount(needs, Support.BREAKS).orElse(0),
                amount(needs, Support.FEWER_CHOICES).orElse(null),
                amount(needs, Support.FEWER_QUESTIONS).orElse(null),
                details(needs, Support.LANGUAGE_VERSION),
                List.copyOf(tools),
                alongside);
    }

    private static Optional<Integer> amount(NeedsForWork needs, Support support) {
        return needs.amountOf(support).map(BigDecimal::intValueExact);
    }

    private static List<String> details(NeedsForWork needs, Support support) {
        return needs.counting().stream()
                .filter(each -> each.support() == support)
                .map(Accommodation::detail)
                .toList();
    }

    /** Those of the questions that are left, the first ones. Rule 4, fewer questions. */
    public static List<Long> kept(List<Long> questions, @Nullable Integer percent) {
        return percent == null
                ? questions
                : questions.subList(0, NeedsForWork.questionsLeft(questions.size(), percent));
    }
}
