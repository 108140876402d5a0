package zafu.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import org.assertj.core.data.Offset;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import zafu.core.measure.Better;
import zafu.core.roster.StudentId;

/** Mixed groups under keep-together sets and keep-apart pairs, beside every seating that there is. */
class MixedBestTest {
    private static final Offset<Double> ROUNDING = Offset.offset(1e-9);

    @ParameterizedTest
    @CsvSource({"12, 3, 30", "12, 4, 30", "15, 3, 15", "15, 5, 4"})
    void noSeatingThatKeepsTheRulesIsMoreAlike(int students, int groups, int classes) {
        for (int each = 0; each < classes; each++) {
            Question question = Question.random(students, groups, 1000L * students + 10 * groups + each);
            double best = new EverySeating(question).least();
            Proposal found = question.mixed().propose(question.rules(), each);
            if (best == Double.POSITIVE_INFINITY) {
                assertThat(found).isInstanceOf(Proposal.Impossible.class);
            } else {
                assertThat(((Proposal.Groups) found).cost()).as("%s", question).isCloseTo(best, ROUNDING);
            }
        }
    }

    /** @param values of each measure, by student */
    private record Question(int groups, double[][] values, boolean[] tagged, List<int[]> together, List<int[]> apart) {

        static Question random(int students, int groups, long seed) {
            SplittableRandom random = new SplittableRandom(seed);
            double[][] values = new double[1 + random.nextInt(2)][students];
            for (double[] measure : values) {
                for (int i = 0; i < students; i++) {
                    measure[i] = random.nextInt(30, 170);
                }
            }
            boolean[] tagged = new boolean[students];
            for (int i = 0; i < students; i++) {
                tagged[i] = random.nextInt(3) == 0;
            }
            Set<Integer> taken = new HashSet<>();
            List<int[]> together = pairs(random, students, 1 + random.nextInt(3), taken);
            List<int[]> apart = pairs(random, students, random.nextInt(3), new HashSet<>());
            apart.removeIf(pair -> together.stream().anyMatch(other -> other[0] == pair[0] && other[1] == pair[1]));
            return new Question(groups, values, tagged, together, apart);
        }

        private static List<int[]> pairs(SplittableRandom random, int students, int wanted, Set<Integer> taken) {
            List<int[]> pairs = new ArrayList<>();
            while (pairs.size() < wanted) {
                int one = random.nextInt(students - 1);
                int other = random.nextInt(one + 1, students);
                if (!taken.contains(one) && !taken.contains(other)) {
                    taken.addAll(List.of(one, other));
                    pairs.add(new int[] {one, other});
                }
            }
            return pairs;
        }

        int students() {
            return tagged.length;
        }

        Mixed mixed() {
            List<StudentId> all =
                    IntStream.range(0, students()).mapToObj(StudentId::new).toList();
            List<Weighted> measures = new ArrayList<>();
            for (double[] measure : values) {
                Map<StudentId, Double> known = new HashMap<>();
                all.forEach(student -> known.put(student, measure[(int) student.value()]));
                measures.add(new Weighted(1, Better.HIGHER, known));
            }
            Set<StudentId> having = new HashSet<>(all);
            having.removeIf(student -> !tagged[(int) student.value()]);
            return new Mixed(all, measures, List.of(new Mixed.Spread(1, having)), groups);
        }

        Rules rules() {
            List<Set<StudentId>> sets = together.stream()
                    .map(pair -> Set.of(new StudentId(pair[0]), new StudentId(pair[1])))
                    .toList();
            List<Rules.Pair> pairs = apart.stream()
                    .map(pair -> new Rules.Pair(new StudentId(pair[0]), new StudentId(pair[1])))
                    .toList();
            return new Rules(Map.of(), sets, pairs, List.of());
        }
    }

    /** Tries every seating; the first student of a new group opens it, so that no seating is tried under two names. */
    private static final class EverySeating {
        private final Question question;
        private final double[][] standardised;
        private final int[] groupOf;
        private final int[] sizes;
        private double least = Double.POSITIVE_INFINITY;

        EverySeating(Question question) {
            this.question = question;
            groupOf = new int[question.students()];
            sizes = new int[question.groups()];
            standardised = new double[question.values().length][];
            for (int m = 0; m < standardised.length; m++) {
                standardised[m] = standardised(question.values()[m]);
            }
        }

        private static double[] standardised(double[] values) {
            double mean = IntStream.range(0, values.length)
                    .mapToDouble(i -> values[i])
                    .average()
                    .orElseThrow();
            double variance = IntStream.range(0, values.length)
                    .mapToDouble(i -> (values[i] - mean) * (values[i] - mean))
                    .average()
                    .orElseThrow();
            return IntStream.range(0, values.length)
                    .mapToDouble(i -> (values[i] - mean) / Math.sqrt(variance))
                    .toArray();
        }

        double least() {
            seat(0, 0);
            return least;
        }

        private void seat(int student, int opened) {
            int n = question.students();
            if (student == n) {
                if (IntStream.of(sizes).allMatch(size -> size >= n / question.groups())) {
                    least = Math.min(least, cost());
                }
                return;
            }
            int largest = (n + question.groups() - 1) / question.groups();
            for (int group = 0; group < Math.min(question.groups(), opened + 1); group++) {
                if (sizes[group] < largest && keepsRules(student, group)) {
                    groupOf[student] = group;
                    sizes[group]++;
                    seat(student + 1, Math.max(opened, group + 1));
                    sizes[group]--;
                }
            }
        }

        private boolean keepsRules(int student, int group) {
            return question.together().stream().allMatch(pair -> pair[1] != student || groupOf[pair[0]] == group)
                    && question.apart().stream().noneMatch(pair -> pair[1] == student && groupOf[pair[0]] == group);
        }

        private double cost() {
            int n = question.students();
            double cost = 0;
            for (double[] z : standardised) {
                double[] sums = new double[sizes.length];
                for (int i = 0; i < n; i++) {
                    sums[groupOf[i]] += z[i];
                }
                for (int g = 0; g < sizes.length; g++) {
                    cost += sums[g] * sums[g] / sizes[g] / n;
                }
            }
            long having =
                    IntStream.range(0, n).filter(i -> question.tagged()[i]).count();
            for (int g = 0; g < sizes.length; g++) {
                int group = g;
                long here = IntStream.range(0, n)
                        .filter(i -> groupOf[i] == group && question.tagged()[i])
                        .count();
                double more = here - sizes[g] * (double) having / n;
                cost += more * more / n;
            }
            return cost;
        }
    }
}
