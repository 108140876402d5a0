package zafu.core.schedule;

import java.time.Duration;
import java.time.LocalTime;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The times by which a school day is spoken of. A moment is named after one only if it is at it or a little after, so
 * that whoever keeps to the name is never late.
 *
 * @param starts of the first lesson
 * @param ends of the last lesson
 */
public record DayParts(LocalTime starts, LocalTime lunchStarts, LocalTime lunchEnds, LocalTime ends) {
    private static final Duration A_LITTLE = Duration.ofMinutes(15);
    private static final LocalTime EVENING = LocalTime.of(21, 0);

    /** What a time is called. */
    public enum Name {
        BEFORE_SCHOOL,
        BEFORE_LUNCH,
        AFTER_LUNCH,
        END_OF_SCHOOL,
        END_OF_DAY
    }

    /** Whether they follow one another. */
    public boolean inOrder() {
        return starts.isBefore(lunchStarts) && !lunchEnds.isBefore(lunchStarts) && lunchEnds.isBefore(ends);
    }

    /** The name for a time; empty where only the clock says it truly. */
    public Optional<Name> nameOf(LocalTime time) {
        if (!time.isBefore(EVENING)) {
            return Optional.of(Name.END_OF_DAY);
        }
        Map<Name, LocalTime> named = new LinkedHashMap<>();
        named.put(Name.BEFORE_SCHOOL, starts);
        named.put(Name.BEFORE_LUNCH, lunchStarts);
        named.put(Name.AFTER_LUNCH, lunchEnds);
        named.put(Name.END_OF_SCHOOL, ends);
        return named.entrySet().stream()
                .filter(each -> !time.isBefore(each.getValue()))
                .filter(each -> Duration.between(each.getValue(), time).compareTo(A_LITTLE) < 0)
                .max(Comparator.comparing(Map.Entry<Name, LocalTime>::getValue))
                .map(Map.Entry::getKey);
    }
}
