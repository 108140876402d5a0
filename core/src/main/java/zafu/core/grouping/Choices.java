package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import zafu.core.roster.StudentId;

/**
 * Each student in one of the options they ranked, as far as there are places: a place costs (rank − 1)², an option
 * not ranked m². Exactly the least total cost without rules; locks are kept exactly too, the other rules by search
 * from there. Rule 2, choices.
 *
 * @param ranked options of each student by place from 0, the first choice first
 * @param atLeast how many each option needs
 * @param atMost how many each option takes
 */
public record Choices(Map<StudentId, List<Integer>> ranked, List<Integer> atLeast, List<Integer> atMost)
        implements GroupingMethod {
    public Choices {
        ranked = new TreeMap<>(ranked);
        atLeast = List.copyOf(atLeast);
        atMost = List.copyOf(atMost);
    }

    @Override
    public Proposal propose(Rules rules, long seed) {
        if (ranked.isEmpty()) {
            return new Proposal.Impossible(new Contradiction.NobodyToPlace());
        }
        List<StudentId> students = List.copyOf(ranked.keySet());
        Room room = new Room(
                atLeast.stream().mapToInt(Integer::intValue).toArray(),
                atMost.stream().mapToInt(Integer::intValue).toArray());
        double[][] cost = students.stream().map(this::placeCosts).toArray(double[][]::new);
        Optional<int[]> exact = LeastCostPlaces.find(withLocks(cost, students, rules), room);
        boolean onlyLocks = rules.together().isEmpty()
                && rules.apart().isEmpty()
                && rules.wishes().isEmpty();
        if (onlyLocks && exact.isPresent()) {
            return dealt(students, exact.get(), cost);
        }
        return Proposal.of(Placing.byPlace(students, room, cost).seat(rules, seed, exact));
    }

    /** How many got their first, second, … choice, and last those who got one they had not ranked. */
    public List<Integer> granted(Proposal.Groups proposal) {
        int[] counts = new int[atLeast.size() + 1];
        for (int option = 0; option < proposal.groups().size(); option++) {
            for (StudentId student : proposal.groups().get(option)) {
                int place = ranked.get(student).indexOf(option);
                counts[place < 0 ? atLeast.size() : place]++;
            }
        }
        return Arrays.stream(counts).boxed().toList();
    }

    private double[] placeCosts(StudentId student) {
        int options = atLeast.size();
        double[] costs = new double[options];
        Arrays.fill(costs, (double) options * options);
        List<Integer> own = ranked.get(student);
        for (int place = own.size() - 1; place >= 0; place--) {
            costs[own.get(place)] = (double) place * place;
        }
        return costs;
    }

    private static double[][] withLocks(double[][] cost, List<StudentId> students, Rules rules) {
        double[][] locked = new double[cost.length][];
        for (int i = 0; i < cost.length; i++) {
            locked[i] = cost[i].clone();
            Integer to = rules.locked().get(students.get(i));
            for (int option = 0; to != null && option < locked[i].length; option++) {
                locked[i][option] = option == to ? locked[i][option] : Double.POSITIVE_INFINITY;
            }
        }
        return locked;
    }

    private Proposal dealt(List<StudentId> students, int[] optionOf, double[][] cost) {
        List<List<StudentId>> groups = new ArrayList<>();
        atLeast.forEach(option -> groups.add(new ArrayList<>()));
        double total = 0;
        for (int i = 0; i < optionOf.length; i++) {
            groups.get(optionOf[i]).add(students.get(i));
            total += cost[i][optionOf[i]];
        }
        return Proposal.Groups.of(groups, total);
    }
}
