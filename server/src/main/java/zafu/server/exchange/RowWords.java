package zafu.server.exchange;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import zafu.core.need.Accommodation;
import zafu.server.exchange.PeopleMatch.Match;

/** What a row of a list brings beside name, grade and scores, in a few words for the preview. */
final class RowWords {
    private RowWords() {}

    static List<String> about(Match match, List<ColumnUse> uses, Sheet.Row typed) {
        List<String> about = new ArrayList<>();
        if (!match.row().number().isEmpty()) {
            about.add("number " + match.row().number());
        }
        match.row()
                .other()
                .forEach((use, text) -> about.add(use.name().replace('_', ' ').toLowerCase(Locale.ROOT) + " " + text));
        match.row().needs().forEach(need -> about.add(words(need)));
        match.row().skills().keySet().forEach(column -> about.add(typed.cell(column)));
        return about;
    }

    /** "extended time 1.5, quiz, from 2027-01-04 to 2027-06-30". */
    static String words(Accommodation need) {
        StringBuilder words =
                new StringBuilder(need.support().name().replace('_', ' ').toLowerCase(Locale.ROOT));
        need.amount().map(BigDecimal::toPlainString).ifPresent(amount -> words.append(' ')
                .append(amount));
        if (!need.detail().isEmpty()) {
            words.append(" (").append(need.detail()).append(')');
        }
        String limits = need.works().stream()
                .sorted()
                .map(work -> work.name().toLowerCase(Locale.ROOT))
                .collect(Collectors.joining(", "));
        if (!limits.isEmpty()) {
            words.append(", ").append(limits);
        }
        need.from().ifPresent(day -> words.append(", from ").append(day));
        need.to().ifPresent(day -> words.append(" to ").append(day));
        return words.toString();
    }
}
