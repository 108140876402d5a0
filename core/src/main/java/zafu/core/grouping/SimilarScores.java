package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import zafu.core.roster.StudentId;

/**
 * Groups of students with similar scores: the contiguous split with the least spread inside the groups, exact. With
 * rules the least spread that keeps them, by search from the exact split. Rule 2, similar scores.
 *
 * @param students those with a value that counts; each at most once
 * @param groups how many groups, from 1
 * @param sizes bounds of every group
 */
public record SimilarScores(List<Scored> students, int groups, Sizes sizes) implements GroupingMethod {
    public SimilarScores {
        students = students.stream().sorted(Scored.BEST_FIRST).toList();
        if (groups < 1) {
            throw new IllegalArgumentException("number of groups " + groups + " is below 1");
        }
    }

    @Override
    public Proposal propose(Rules rules, long seed) {
        if (students.isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        ExactSplit exact = new ExactSplit(Scored.valuesOf(students), sizes);
        Optional<ContiguousSplit> split = exact.into(groups);
        if (split.isEmpty()) {
            return new Proposal.Impossible(Contradiction.ofSizes(students.size(), groups, sizes));
        }
        return rules.isEmpty()
                ? Proposal.Groups.ofScored(
                        split.get().cut(students),
                        split.get().cost(),
                        exact.fitOf(split.get().cost()))
                : Spread.seat(students, Room.same(groups, sizes), rules, seed, split.get());
    }

    /** The exact split; empty when the sizes do not admit it. */
    public Optional<ContiguousSplit> split() {
        return new ExactSplit(Scored.valuesOf(students), sizes).into(groups);
    }

    /** Least spread under rules. */
    static final class Spread {
        private Spread() {}

        static Proposal seat(List<Scored> bestFirst, Room room, Rules rules, long seed, ContiguousSplit begin) {
            double mean =
                    bestFirst.stream().mapToDouble(Scored::value).average().orElse(0);
            double[][] features = bestFirst.stream()
                    .map(each -> new double[] {each.value() - mean})
                    .toArray(double[][]::new);
            List<StudentId> ids = bestFirst.stream().map(Scored::student).toList();
            Placing placing = Placing.byCost(ids, room, GroupCost.spread(), features);
            Placing.Outcome outcome = placing.seat(rules, seed, Optional.of(groupsOf(begin)));
            return outcome instanceof Placing.Outcome.Seated seated
                    ? proposal(seated, bestFirst, rules)
                    : Proposal.of(outcome);
        }

        private static int[] groupsOf(ContiguousSplit split) {
            List<Integer> groups = new ArrayList<>();
            for (int g = 0; g < split.sizes().size(); g++) {
                for (int i = 0; i < split.sizes().get(g); i++) {
                    groups.add(g);
                }
            }
            return groups.stream().mapToInt(Integer::intValue).toArray();
        }

        private static Proposal proposal(Placing.Outcome.Seated seated, List<Scored> bestFirst, Rules rules) {
            Map<StudentId, Double> values = new HashMap<>();
            bestFirst.forEach(each -> values.put(each.student(), each.value()));
            SquaredSpread all = new SquaredSpread(Scored.valuesOf(bestFirst));
            double within = seated.groups().stream()
                    .mapToDouble(group -> new SquaredSpread(
                                    group.stream().mapToDouble(values::get).toArray())
                            .ofAll())
                    .sum();
            List<List<StudentId>> groups = new ArrayList<>(seated.groups());
            if (rules.locked().isEmpty()) {
                groups.sort(Comparator.comparingDouble((List<StudentId> group) -> group.stream()
                                .mapToDouble(values::get)
                                .average()
                                .orElse(0))
                        .reversed());
            }
            // The search leaves the constant Σ x² out of the spread.
            double wishes = seated.cost() + all.ofAll() - within;
            return new Proposal.Groups(
                    groups, List.of(), within + Math.max(0, wishes), OptionalDouble.of(all.fitOf(within)));
        }
    }
}
