package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import zafu.core.roster.StudentId;

/**
 * Similar groups by several measures taken together: the weighted mean of the standardised values. Who lacks measures
 * of more than half of the weight is left out. Rule 2, several measures.
 *
 * @param students all who are asked about
 * @param measures one or more
 * @param groups how many groups, from 1
 * @param sizes bounds of every group
 */
public record Composite(Collection<StudentId> students, List<Weighted> measures, int groups, Sizes sizes)
        implements GroupingMethod {
    public Composite {
        students = students.stream().sorted().toList();
        measures = List.copyOf(measures);
    }

    @Override
    public Proposal propose(Rules rules, long seed) {
        Map<StudentId, Double> values = values();
        List<Scored> scored = new ArrayList<>();
        values.forEach((student, value) -> scored.add(new Scored(student, value)));
        Proposal proposal = new SimilarScores(scored, groups, sizes).propose(rules, seed);
        List<StudentId> leftOut =
                students.stream().filter(each -> !values.containsKey(each)).toList();
        return proposal instanceof Proposal.Groups found ? found.leavingOut(leftOut) : proposal;
    }

    /** The composite of those who have enough of the measures, in standard deviations. */
    public Map<StudentId, Double> values() {
        List<Map<StudentId, Double>> standardised =
                measures.stream().map(Weighted::standardised).toList();
        double whole = measures.stream().mapToDouble(Weighted::weight).sum();
        Map<StudentId, Double> composite = new TreeMap<>();
        for (StudentId student : students) {
            double carried = 0;
            double sum = 0;
            for (int m = 0; m < measures.size(); m++) {
                Double z = standardised.get(m).get(student);
                if (z != null) {
                    carried += measures.get(m).weight();
                    sum += measures.get(m).weight() * z;
                }
            }
            if (carried > 0 && 2 * carried >= whole) {
                composite.put(student, sum / carried);
            }
        }
        return composite;
    }
}
