package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.SplittableRandom;
import zafu.core.roster.StudentId;

/**
 * Groups by lot, sizes differing by at most one. With rules each student draws a liking for every group, and the
 * seating of the most liking that keeps the rules is taken. Rule 2, random.
 *
 * @param students each at most once
 * @param groups how many groups, from 1
 */
public record RandomDraw(Collection<StudentId> students, int groups) implements GroupingMethod {
    public RandomDraw {
        students = students.stream().sorted().toList();
    }

    @Override
    public Proposal propose(Rules rules, long seed) {
        if (students.isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        if (students.size() < groups) {
            return new Proposal.Impossible(new Contradiction.TooFewStudents(students.size(), groups, 1, groups));
        }
        if (rules.isEmpty()) {
            return Proposal.Groups.of(shuffled(seed), 0);
        }
        SplittableRandom lots = new SplittableRandom(seed);
        double[][] liking =
                students.stream().map(student -> lots.doubles(groups).toArray()).toArray(double[][]::new);
        Placing placing = Placing.byPlace(List.copyOf(students), Room.even(groups, students.size()), liking);
        return Proposal.of(placing.seat(rules, seed, Optional.empty()));
    }

    private List<List<StudentId>> shuffled(long seed) {
        List<StudentId> order = new ArrayList<>(students);
        Collections.shuffle(order, new Random(seed));
        List<List<StudentId>> dealt = new ArrayList<>();
        for (int g = 0; g < groups; g++) {
            dealt.add(new ArrayList<>());
        }
        for (int i = 0; i < order.size(); i++) {
            dealt.get(i % groups).add(order.get(i));
        }
        return dealt;
    }
}
