package zafu.core.grouping;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import zafu.core.roster.StudentId;

/**
 * One group per band that has students. A group below the smallest size joins the neighbour whose mean is nearer
 * (the lower one on a tie) until none is; one above the largest is split by similar scores into the fewest groups
 * that fit. Rule 2, bands.
 *
 * @param students those with a value that counts; each at most once
 * @param cuts ascending, on the same "larger is better" footing as {@link Scored#value()}
 */
public record BandGroups(List<Scored> students, List<Double> cuts, Sizes sizes) implements GroupingMethod {
    public BandGroups {
        students = students.stream().sorted(Scored.BEST_FIRST).toList();
        cuts = List.copyOf(cuts);
    }

    @Override
    public Proposal propose(Rules rules, long seed) {
        if (cuts.isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NoBands());
        }
        if (students.isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        List<List<Scored>> bands = withoutTooSmall(byBand());
        List<List<Scored>> groups = new ArrayList<>();
        for (List<Scored> band : bands) {
            if (band.size() <= sizes.largest()) {
                groups.add(band);
            } else if (!splitInto(band, groups)) {
                return new Proposal.Impossible(Contradiction.ofSizes(band.size(), fewestFor(band.size()), sizes));
            }
        }
        if (groups.size() == 1 && groups.get(0).size() < sizes.smallest()) {
            return new Proposal.Impossible(Contradiction.ofSizes(students.size(), 1, sizes));
        }
        return rules.isEmpty() ? proposalOf(groups) : withRules(groups, rules, seed);
    }

    /** As near to the bands as the rules allow. */
    private Proposal withRules(List<List<Scored>> groups, Rules rules, long seed) {
        List<List<StudentId>> dealt = groups.stream()
                .map(group -> group.stream().map(Scored::student).toList())
                .toList();
        Placing placing = Placing.near(dealt, Room.same(groups.size(), sizes));
        Placing.Outcome outcome = placing.seat(rules, seed, Optional.empty());
        return outcome instanceof Placing.Outcome.Seated seated ? spreadOf(seated.groups()) : Proposal.of(outcome);
    }

    private Proposal spreadOf(List<List<StudentId>> seated) {
        Map<StudentId, Scored> byId = new HashMap<>();
        students.forEach(each -> byId.put(each.student(), each));
        return proposalOf(seated.stream()
                .map(group ->
                        group.stream().map(byId::get).sorted(Scored.BEST_FIRST).toList())
                .toList());
    }

    private List<List<Scored>> byBand() {
        TreeMap<Integer, List<Scored>> bands = new TreeMap<>((a, b) -> b - a);
        students.forEach(student -> bands.computeIfAbsent(
                        (int) cuts.stream()
                                .filter(cut -> student.value() >= cut)
                                .count(),
                        band -> new ArrayList<>())
                .add(student));
        return new ArrayList<>(bands.values());
    }

    private List<List<Scored>> withoutTooSmall(List<List<Scored>> bestFirst) {
        for (int i = smallestBelowLimit(bestFirst); i >= 0; i = smallestBelowLimit(bestFirst)) {
            int neighbour = nearerNeighbour(bestFirst, i);
            int upper = Math.min(i, neighbour);
            bestFirst.get(upper).addAll(bestFirst.remove(upper + 1));
        }
        return bestFirst;
    }

    /** The smallest group that is too small (the lowest of several), or −1. */
    private int smallestBelowLimit(List<List<Scored>> groups) {
        int found = -1;
        for (int i = 0; i < groups.size(); i++) {
            int size = groups.get(i).size();
            if (size < sizes.smallest()
                    && (found < 0 || size <= groups.get(found).size())) {
                found = i;
            }
        }
        return groups.size() == 1 ? -1 : found;
    }

    private static int nearerNeighbour(List<List<Scored>> bestFirst, int i) {
        if (i == 0) {
            return 1;
        }
        if (i == bestFirst.size() - 1) {
            return i - 1;
        }
        double own = mean(bestFirst.get(i));
        double toHigher = mean(bestFirst.get(i - 1)) - own;
        double toLower = own - mean(bestFirst.get(i + 1));
        return toHigher < toLower ? i - 1 : i + 1;
    }

    private static double mean(List<Scored> group) {
        return group.stream().mapToDouble(Scored::value).average().orElseThrow();
    }

    private int fewestFor(int students) {
        return (students + sizes.largest() - 1) / sizes.largest();
    }

    private boolean splitInto(List<Scored> band, List<List<Scored>> groups) {
        return new SimilarScores(band, fewestFor(band.size()), sizes)
                .split()
                .map(split -> groups.addAll(split.cut(band)))
                .orElse(false);
    }

    private Proposal proposalOf(List<List<Scored>> groups) {
        double cost = groups.stream()
                .mapToDouble(group -> new SquaredSpread(Scored.valuesOf(group)).ofAll())
                .sum();
        double fit = new SquaredSpread(Scored.valuesOf(students)).fitOf(cost);
        return Proposal.Groups.ofScored(groups, cost, fit);
    }
}
