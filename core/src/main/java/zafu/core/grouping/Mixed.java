package zafu.core.grouping;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import zafu.core.roster.StudentId;

/**
 * Groups as like each other as possible: Σ measures w · Σ groups (n_g / n) · (mean z of g)² + Σ tags w · Σ groups
 * (c_g − n_g · p)² / n, sizes differing by at most one, by search. Who lacks a measure is left out. Rule 2, mixed.
 *
 * @param students all who are asked about
 * @param measures may be none where there are tags
 * @param tags what is to be spread evenly
 * @param groups how many groups, from 1
 */
public record Mixed(Collection<StudentId> students, List<Weighted> measures, List<Spread> tags, int groups)
        implements GroupingMethod {
    public Mixed {
        students = students.stream().sorted().toList();
        measures = List.copyOf(measures);
        tags = List.copyOf(tags);
    }

    /** A tag that is to be spread evenly, with those who have it. */
    public record Spread(double weight, Set<StudentId> having) {
        public Spread {
            having = Set.copyOf(having);
        }
    }

    @Override
    public Proposal propose(Rules rules, long seed) {
        Features features = Features.of(students, measures);
        int n = features.students().size();
        if (n == 0) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        if (n < groups) {
            return new Proposal.Impossible(new Contradiction.TooFewStudents(n, groups, 1, groups));
        }
        Features tagged = features.with(tagsOf(features.students()));
        Placing placing = Placing.byCost(features.students(), Room.even(groups, n), cost(n, tagged), tagged.rows());
        Placing.Outcome outcome = placing.seat(rules, seed, Optional.empty());
        return outcome instanceof Placing.Outcome.Seated seated
                ? Proposal.Groups.of(seated.groups(), seated.cost()).leavingOut(features.leftOut(students))
                : Proposal.of(outcome);
    }

    /** What else there was for each student of a proposal of this method. */
    public List<NextBest> nextBest(Proposal.Groups made) {
        Features features = Features.of(students, measures);
        int n = features.students().size();
        Features tagged = features.with(tagsOf(features.students()));
        return NextBest.of(made.groups(), tagged, cost(n, tagged), Room.even(groups, n), 0);
    }

    private double[][] tagsOf(List<StudentId> order) {
        return order.stream()
                .map(student -> tags.stream()
                        .mapToDouble(tag -> tag.having().contains(student) ? 1 : 0)
                        .toArray())
                .toArray(double[][]::new);
    }

    private GroupCost cost(int n, Features tagged) {
        double[] shares = new double[tags.size()];
        for (int t = 0; t < shares.length; t++) {
            for (double[] row : tagged.rows()) {
                shares[t] += row[measures.size() + t] / n;
            }
        }
        return (size, sums) -> {
            double cost = 0;
            for (int m = 0; m < measures.size() && size > 0; m++) {
                cost += sums[m] * sums[m] / size / n;
            }
            for (int t = 0; t < shares.length; t++) {
                double more = sums[measures.size() + t] - size * shares[t];
                cost += tags.get(t).weight() * more * more / n;
            }
            return cost;
        };
    }
}
