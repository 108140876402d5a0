package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import zafu.core.roster.StudentId;

/**
 * What every method that cannot simply deal does with its students: finds a seating that keeps the rules, and the
 * best one by the method's cost.
 *
 * @param students in an order that does not hang on how they were asked for
 * @param features of each student, all of one length
 * @param placeCost of each student in each group
 */
record Placing(List<StudentId> students, Room room, GroupCost cost, double[][] features, double[][] placeCost) {

    /** Seated, or the contradiction in the rules. */
    sealed interface Outcome {
        /** @param cost by the method's cost function, with places and wishes */
        record Seated(List<List<StudentId>> groups, double cost) implements Outcome {}

        record Clash(Contradiction because) implements Outcome {}
    }

    static Placing byCost(List<StudentId> students, Room room, GroupCost cost, double[][] features) {
        return new Placing(students, room, cost, features, new double[students.size()][room.groups()]);
    }

    static Placing byPlace(List<StudentId> students, Room room, double[][] placeCost) {
        return new Placing(students, room, GroupCost.none(), new double[students.size()][0], placeCost);
    }

    /** Near to groups that were dealt without a thought of the rules: a student costs the square of the way moved. */
    static Placing near(List<List<StudentId>> dealt, Room room) {
        List<StudentId> students = dealt.stream().flatMap(List::stream).toList();
        double[][] placeCost = new double[students.size()][room.groups()];
        int row = 0;
        for (int g = 0; g < dealt.size(); g++) {
            for (int i = 0; i < dealt.get(g).size(); i++) {
                for (int other = 0; other < room.groups(); other++) {
                    placeCost[row][other] = (double) (g - other) * (g - other);
                }
                row++;
            }
        }
        return byPlace(students, room, placeCost);
    }

    /** @param dealt where the search begins, if it keeps the rules: the students' groups in their order */
    Outcome seat(Rules rules, long seed, Optional<int[]> dealt) {
        Optional<Contradiction> plain = Clashes.plain(students, rules, room);
        if (plain.isPresent()) {
            return new Outcome.Clash(plain.get());
        }
        Blocks blocks = new Blocks(students, rules);
        Optional<int[]> start = dealt.flatMap(blocks::from)
                .filter(seating -> blocks.keeps(seating, room))
                .or(() -> Seating.find(blocks, room));
        if (start.isEmpty()) {
            return new Outcome.Clash(whyNot(rules));
        }
        Seats seats = new Seats(blocks, room, cost, summed(blocks, features), summed(blocks, placeCost));
        Search.Found found = new Search(seats, seed).from(start.get());
        return new Outcome.Seated(blocks.groups(found.groupOf(), room.groups()), found.cost());
    }

    private Contradiction whyNot(Rules rules) {
        int groups = room.groups();
        if (students.size() > room.seats()) {
            return new Contradiction.TooFewSeats(
                    students.size(), groups, Arrays.stream(room.most()).max().orElse(0), room.seats());
        }
        if (students.size() < room.needed()) {
            return new Contradiction.TooFewStudents(
                    students.size(), groups, Arrays.stream(room.least()).max().orElse(0), room.needed());
        }
        return Clashes.least(students, rules.strict(), room);
    }

    private static double[][] summed(Blocks blocks, double[][] ofStudents) {
        List<double[]> sums = new ArrayList<>();
        for (int[] members : blocks.members) {
            double[] sum = new double[ofStudents.length == 0 ? 0 : ofStudents[0].length];
            for (int member : members) {
                for (int i = 0; i < sum.length; i++) {
                    sum[i] += ofStudents[member][i];
                }
            }
            sums.add(sum);
        }
        return sums.toArray(double[][]::new);
    }
}
