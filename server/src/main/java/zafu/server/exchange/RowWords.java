package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import zafu.core.need.Accommodation;
import zafu.server.exchange.PeopleMatch.Match;
import zafu.server.need.FaultWords;

/** What a row of a list brings beside name, grade and scores, in a few words for the preview. */
final class RowWords {
    private RowWords() {}

    static List<String> about(Match match, List<ColumnUse> uses, Sheet.Row typed) {
        List<String> about = new ArrayList<>();
        if (!match.row().number().isEmpty()) {
            about.add(inWords("exchange.number-2", "number", match.row().number()));
        }
        match.row().other().forEach((use, text) -> about.add(inWords("exchange.column." + use) + " " + text));
        match.row().needs().forEach(need -> about.add(words(need)));
        match.row().skills().keySet().forEach(column -> about.add(typed.cell(column)));
        return about;
    }

    /** "extended time 1.5, quiz, from 2027-01-04 to 2027-06-30". */
    static String words(Accommodation need) {
        StringBuilder words = new StringBuilder(FaultWords.named(need.support()).toLowerCase(Locale.ROOT));
        need.amount().map(BigDecimal::toPlainString).ifPresent(amount -> words.append(' ')
                .append(amount));
        if (!need.detail().isEmpty()) {
            words.append(" (").append(need.detail()).append(')');
        }
        need.works().stream().sorted().forEach(work -> words.append(", ").append(inWords("exchange.work." + work)));
        need.from().ifPresent(day -> words.append(", ").append(inWords("exchange.from-day", "day", day.toString())));
        need.to().ifPresent(day -> words.append(' ').append(inWords("exchange.to-day", "day", day.toString())));
        return words.toString();
    }
}
