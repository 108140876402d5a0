package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import zafu.core.roster.StudentId;

/**
 * What a search goes by of each student who has every measure: standardised values, each scaled by the root of its
 * weight, about the mean of those who are here.
 *
 * @param students ordered by their features and only then by id, so that ids do not steer the search
 * @param rows of the students, in their order
 */
record Features(List<StudentId> students, double[][] rows) {
    static Features of(Collection<StudentId> asked, List<Weighted> measures) {
        List<Map<StudentId, Double>> standardised =
                measures.stream().map(Weighted::standardised).toList();
        List<StudentId> complete = asked.stream()
                .filter(each -> standardised.stream().allMatch(of -> of.containsKey(each)))
                .toList();
        record Row(StudentId student, double[] values) {}
        List<Row> rows = new ArrayList<>();
        for (StudentId student : complete) {
            double[] values = new double[measures.size()];
            for (int m = 0; m < values.length; m++) {
                values[m] = Math.sqrt(measures.get(m).weight())
                        * standardised.get(m).get(student);
            }
            rows.add(new Row(student, values));
        }
        rows.sort(Comparator.comparing(Row::values, Arrays::compare).thenComparing(Row::student));
        return new Features(
                rows.stream().map(Row::student).toList(),
                rows.stream().map(Row::values).toArray(double[][]::new));
    }

    List<StudentId> leftOut(Collection<StudentId> asked) {
        return asked.stream().filter(each -> !students.contains(each)).toList();
    }

    /** Σ x² over all. */
    double squares() {
        return Arrays.stream(rows)
                .flatMapToDouble(Arrays::stream)
                .map(each -> each * each)
                .sum();
    }

    /** The same students with more features each. */
    Features with(double[][] more) {
        double[][] joined = new double[rows.length][];
        for (int i = 0; i < rows.length; i++) {
            joined[i] = Arrays.copyOf(rows[i], rows[i].length + more[i].length);
            System.arraycopy(more[i], 0, joined[i], rows[i].length, more[i].length);
        }
        return new Features(students, joined);
    }
}
