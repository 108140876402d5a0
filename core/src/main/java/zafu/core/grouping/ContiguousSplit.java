package zafu.core.grouping;

import java.util.ArrayList;
import java.util.List;

/**
 * A sorted list cut into runs.
 *
 * @param sizes of the runs, in order
 * @param cost Σ over the runs of the squares about the run's mean
 * @param equalScoresParted how many of the boundaries lie between two equal values
 */
public record ContiguousSplit(List<Integer> sizes, double cost, int equalScoresParted) {
    public ContiguousSplit {
        sizes = List.copyOf(sizes);
    }

    /** The runs of a list that is sorted as the values were. */
    <T> List<List<T>> cut(List<T> sorted) {
        List<List<T>> runs = new ArrayList<>();
        int from = 0;
        for (int size : sizes) {
            runs.add(sorted.subList(from, from + size));
            from += size;
        }
        return runs;
    }

    /** Smaller means more even. */
    public int sumOfSquaredSizes() {
        return sizes.stream().mapToInt(size -> size * size).sum();
    }
}
