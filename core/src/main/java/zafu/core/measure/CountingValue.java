package zafu.core.measure;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/**
 * The value of a measure that counts for a student today, or why there is none. Rule 1: the latest, the best, or the
 * mean of the last few days; of two on one date the later entered; older than the shelf life it still counts and is
 * marked stale.
 */
public sealed interface CountingValue {

    /**
     * @param observations in the order in which they were entered
     * @param today the school's date
     * @param shelfLifeDays after how many days a value counts as stale
     */
    static CountingValue latest(List<Observation> observations, LocalDate today, int shelfLifeDays) {
        return of(observations, new Counting(WhichCounts.latest(), Better.HIGHER, shelfLifeDays), today);
    }

    /**
     * @param observations in the order in which they were entered
     * @param today the school's date
     */
    static CountingValue of(List<Observation> observations, Counting counting, LocalDate today) {
        List<Observation> values = oneADay(observations);
        if (values.isEmpty()) {
            return observations.stream()
                    .map(Observation::takenOn)
                    .max(Comparator.naturalOrder())
                    .<CountingValue>map(NeverAssessed::new)
                    .orElseGet(NoObservation::new);
        }
        Found found = counting.find(values);
        boolean stale = found.takenOn.plusDays(counting.shelfLifeDays).isBefore(today);
        return new Counts(found.value, found.takenOn, stale);
    }

    /** The values by day, oldest first; of two on one day the later entered. */
    private static List<Observation> oneADay(Collection<Observation> observations) {
        TreeMap<LocalDate, Observation> byDay = new TreeMap<>();
        observations.stream().filter(each -> each.value().isPresent()).forEach(each -> byDay.put(each.takenOn(), each));
        return new ArrayList<>(byDay.values());
    }

    /**
     * How a measure's values are counted.
     *
     * @param better for {@link WhichCounts.Best}
     * @param shelfLifeDays after how many days a value is stale
     */
    record Counting(WhichCounts which, Better better, int shelfLifeDays) {
        private Found find(List<Observation> oldestFirst) {
            if (which instanceof WhichCounts.Best) {
                return best(oldestFirst);
            }
            if (which instanceof WhichCounts.MeanOfLast mean) {
                return meanOf(oldestFirst.subList(Math.max(0, oldestFirst.size() - mean.days()), oldestFirst.size()));
            }
            return Found.of(oldestFirst.get(oldestFirst.size() - 1));
        }

        private Found best(List<Observation> oldestFirst) {
            Comparator<Observation> byValue = Comparator.comparingDouble(
                    each -> better.rising(each.value().orElseThrow()));
            // Of equal values the newer one counts: it goes stale later.
            Optional<Observation> best = oldestFirst.stream().max(byValue.thenComparing(Observation::takenOn));
            return Found.of(best.orElseThrow());
        }

        private static Found meanOf(List<Observation> days) {
            double mean = days.stream()
                    .mapToDouble(each -> each.value().orElseThrow())
                    .average()
                    .orElseThrow();
            return new Found(mean, days.get(days.size() - 1).takenOn());
        }
    }

    /** A value and the day it is of; of a mean the newest of its days. */
    record Found(double value, LocalDate takenOn) {
        private static Found of(Observation observation) {
            return new Found(observation.value().orElseThrow(), observation.takenOn());
        }
    }

    /** A value that counts, with the day it was taken and whether it has outlived its shelf life. */
    record Counts(double value, LocalDate takenOn, boolean stale) implements CountingValue {}

    /** Only "not assessed" was ever noted, the last time on this day. */
    record NeverAssessed(LocalDate lastTriedOn) implements CountingValue {}

    /** Nothing was ever noted. */
    record NoObservation() implements CountingValue {}
}
