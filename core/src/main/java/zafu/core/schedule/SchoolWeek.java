package zafu.core.schedule;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;

/**
 * The weeks of a school: seven days each, from the day on which its week starts.
 *
 * @param starts such as Monday, or Sunday where lessons are from Sunday to Thursday
 */
public record SchoolWeek(DayOfWeek starts) {
    /** Where nothing else is said. */
    public static final SchoolWeek FROM_MONDAY = new SchoolWeek(DayOfWeek.MONDAY);

    /** The first day of the week that a day is in. */
    public LocalDate firstDay(LocalDate of) {
        return of.with(TemporalAdjusters.previousOrSame(starts));
    }

    /** The last day of the week that a day is in. */
    public LocalDate lastDay(LocalDate of) {
        return firstDay(of).plusDays(6);
    }
}
