package zafu.core.grouping;

import java.util.List;
import java.util.Optional;

/**
 * Groups of students with similar scores: the contiguous split with the least spread inside the groups, exact.
 * Rule 2, similar scores.
 *
 * @param groups how many groups, from 1
 * @param sizes bounds of every group
 */
public record SimilarScores(int groups, Sizes sizes) implements GroupingMethod {
    public SimilarScores {
        if (groups < 1) {
            throw new IllegalArgumentException("number of groups " + groups + " is below 1");
        }
    }

    @Override
    public Proposal propose(List<Scored> students) {
        if (students.isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        List<Scored> sorted = students.stream().sorted(Scored.BEST_FIRST).toList();
        ExactSplit exact = new ExactSplit(Scored.valuesOf(sorted), sizes);
        return exact.into(groups)
                .<Proposal>map(split -> Proposal.Groups.of(split.cut(sorted), split.cost(), exact.fitOf(split.cost())))
                .orElseGet(() -> new Proposal.Impossible(Contradiction.ofSizes(students.size(), groups, sizes)));
    }

    /**
     * The split itself, for values sorted in either direction; empty when the sizes do not admit it.
     *
     * @param sortedValues sorted, in the measure's unit
     */
    public Optional<ContiguousSplit> split(double[] sortedValues) {
        return new ExactSplit(sortedValues, sizes).into(groups);
    }
}
