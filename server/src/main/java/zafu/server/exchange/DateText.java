package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Collection;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A day as a person or a program wrote it. With dots the day comes first; with slashes or dashes the order of day and
 * month is what the whole column allows, and where it allows both nothing is guessed.
 */
sealed interface DateText {
    Pattern ISO = Pattern.compile("(\\d{4})[-/](\\d{1,2})[-/](\\d{1,2})(?:[T ].*)?");
    Pattern DOTS = Pattern.compile("(\\d{1,2})\\.\\s?(\\d{1,2})\\.\\s?(\\d{2}|\\d{4})");
    Pattern SLASHES = Pattern.compile("(\\d{1,2})[/-](\\d{1,2})[/-](\\d{4})");

    /** In which order a column writes dates with slashes. */
    enum Order {
        DAY_FIRST,
        MONTH_FIRST,
        EITHER
    }

    record Day(LocalDate date) implements DateText {}

    /** Nothing is written. */
    record Blank() implements DateText {}

    /** @param fault the end of a sentence that begins with what was typed */
    record NoDay(String fault) implements DateText {}

    static Order orderOf(Collection<String> column) {
        boolean dayFirst = false;
        boolean monthFirst = false;
        for (String typed : column) {
            Matcher slashes = SLASHES.matcher(typed.strip());
            if (slashes.matches()) {
                dayFirst |= Integer.parseInt(slashes.group(1)) > 12;
                monthFirst |= Integer.parseInt(slashes.group(2)) > 12;
            }
        }
        if (dayFirst == monthFirst) {
            return Order.EITHER;
        }
        return dayFirst ? Order.DAY_FIRST : Order.MONTH_FIRST;
    }

    /** Whether the day is another one by day and by month first. */
    static boolean isEitherOrder(String typed) {
        return read(typed, Order.DAY_FIRST) instanceof Day one
                && read(typed, Order.MONTH_FIRST) instanceof Day other
                && !one.equals(other);
    }

    /** The day as the question about it names it, such as "3 February 2027". */
    static String shown(String typed, Order order) {
        return read(typed, order) instanceof Day day ? inWords("exchange.the-day", "day", day.date()) : typed;
    }

    static DateText read(String typed, Order order) {
        String text = typed.strip();
        if (text.isEmpty()) {
            return new Blank();
        }
        Matcher iso = ISO.matcher(text);
        if (iso.matches()) {
            return day(iso.group(1), iso.group(2), iso.group(3));
        }
        Matcher dots = DOTS.matcher(text);
        if (dots.matches()) {
            return day(dots.group(3), dots.group(2), dots.group(1));
        }
        Matcher slashes = SLASHES.matcher(text);
        return slashes.matches() ? ordered(slashes, order) : new NoDay(inWords("exchange.is-no-date-write-it-like"));
    }

    private static DateText ordered(Matcher slashes, Order order) {
        DateText dayFirst = day(slashes.group(3), slashes.group(2), slashes.group(1));
        DateText monthFirst = day(slashes.group(3), slashes.group(1), slashes.group(2));
        if (order == Order.EITHER
                && dayFirst instanceof Day
                && monthFirst instanceof Day
                && !dayFirst.equals(monthFirst)) {
            return new NoDay(inWords("exchange.may-be-two-days-by-day-or-by-month"));
        }
        if (order == Order.MONTH_FIRST) {
            return monthFirst;
        }
        return dayFirst instanceof Day || order == Order.DAY_FIRST ? dayFirst : monthFirst;
    }

    private static DateText day(String year, String month, String day) {
        int written = Integer.parseInt(year);
        try {
            return new Day(LocalDate.of(
                    written < 100 ? 2000 + written : written, Integer.parseInt(month), Integer.parseInt(day)));
        } catch (DateTimeException impossible) {
            return new NoDay(inWords("exchange.is-a-day-that-does-not-exist"));
        }
    }
}
