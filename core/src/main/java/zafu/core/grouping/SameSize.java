package zafu.core.grouping;

import java.util.ArrayList;
import java.util.List;

/**
 * By score into groups whose sizes differ by at most one, the larger groups first. Rules that cannot hold so are met
 * with the least spread. Rule 2, same size.
 *
 * @param students those with a value that counts; each at most once
 * @param groups how many groups, from 1
 */
public record SameSize(List<Scored> students, int groups) implements GroupingMethod {
    public SameSize {
        students = students.stream().sorted(Scored.BEST_FIRST).toList();
    }

    @Override
    public Proposal propose(Rules rules, long seed) {
        if (students.isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        if (students.size() < groups) {
            return new Proposal.Impossible(new Contradiction.TooFewStudents(students.size(), groups, 1, groups));
        }
        ContiguousSplit split = split();
        SquaredSpread all = new SquaredSpread(Scored.valuesOf(students));
        return rules.isEmpty()
                ? Proposal.Groups.ofScored(split.cut(students), split.cost(), all.fitOf(split.cost()))
                : SimilarScores.Spread.seat(students, Room.even(groups, students.size()), rules, seed, split);
    }

    private ContiguousSplit split() {
        SquaredSpread spread = new SquaredSpread(Scored.valuesOf(students));
        List<Integer> sizes = new ArrayList<>();
        double cost = 0;
        int from = 0;
        for (int g = 0; g < groups; g++) {
            int size = students.size() / groups + (g < students.size() % groups ? 1 : 0);
            sizes.add(size);
            cost += spread.of(from, from + size);
            from += size;
        }
        return new ContiguousSplit(sizes, cost, 0);
    }
}
