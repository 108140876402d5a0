package zafu.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.measure.Better;
import zafu.core.roster.StudentId;

/** On small classes each method that makes a cost small is held against every way there is. */
class BestOfAllTest {
    private static final int GROUPS = 3;

    /** A small class with two measures, a tag, and what everybody would like. */
    record Small(
            List<StudentId> students,
            Map<StudentId, Double> one,
            Map<StudentId, Double> other,
            Set<StudentId> tagged,
            Map<StudentId, List<Integer>> ranked,
            Rules rules) {
        List<Weighted> measures() {
            return List.of(new Weighted(2, Better.HIGHER, one), new Weighted(1, Better.LOWER, other));
        }
    }

    static Stream<Small> smallClasses() {
        Random random = new Random(41);
        return IntStream.range(0, 12).mapToObj(i -> small(random, 6 + random.nextInt(3), i % 2 == 1));
    }

    private static Small small(Random random, int n, boolean withRules) {
        List<StudentId> students =
                IntStream.range(0, n).mapToObj(StudentId::new).toList();
        Map<StudentId, Double> one = new LinkedHashMap<>();
        Map<StudentId, Double> other = new LinkedHashMap<>();
        Set<StudentId> tagged = new HashSet<>();
        Map<StudentId, List<Integer>> ranked = new LinkedHashMap<>();
        for (StudentId each : students) {
            one.put(each, (double) random.nextInt(100));
            other.put(each, (double) random.nextInt(30));
            if (random.nextInt(3) == 0) {
                tagged.add(each);
            }
            int first = random.nextInt(GROUPS);
            ranked.put(each, random.nextBoolean() ? List.of(first) : List.of(first, (first + 1) % GROUPS));
        }
        Rules rules = !withRules
                ? Rules.NONE
                : new Rules(
                        Map.of(students.get(0), 2),
                        List.of(Set.of(students.get(1), students.get(2))),
                        List.of(new Rules.Pair(students.get(3), students.get(4))),
                        List.of());
        return new Small(students, one, other, tagged, ranked, rules);
    }

    /** The least cost over every way to deal the students that keeps the rules and the room. */
    private static double least(Small of, int least, int most, ToDoubleFunction<List<List<StudentId>>> cost) {
        double best = Double.POSITIVE_INFINITY;
        int ways = (int) Math.pow(GROUPS, of.students.size());
        for (int way = 0; way < ways; way++) {
            List<List<StudentId>> dealt = deal(of.students, way);
            boolean fits = dealt.stream().allMatch(group -> group.size() >= least && group.size() <= most);
            if (fits && keeps(dealt, of.rules)) {
                best = Math.min(best, cost.applyAsDouble(dealt));
            }
        }
        return best;
    }

    private static List<List<StudentId>> deal(List<StudentId> students, int way) {
        List<List<StudentId>> dealt = new ArrayList<>();
        for (int g = 0; g < GROUPS; g++) {
            dealt.add(new ArrayList<>());
        }
        int rest = way;
        for (StudentId each : students) {
            dealt.get(rest % GROUPS).add(each);
            rest /= GROUPS;
        }
        return dealt;
    }

    private static boolean keeps(List<List<StudentId>> dealt, Rules rules) {
        boolean locked = rules.locked().entrySet().stream()
                .allMatch(each -> dealt.get(each.getValue()).contains(each.getKey()));
        boolean together =
                rules.together().stream().allMatch(set -> dealt.stream().anyMatch(group -> group.containsAll(set)));
        boolean apart = rules.apart().stream().noneMatch(pair -> dealt.stream()
                .anyMatch(group -> group.contains(pair.one()) && group.contains(pair.other())));
        return locked && together && apart;
    }

    private static double mean(List<StudentId> group, Map<StudentId, Double> z) {
        return group.stream().mapToDouble(z::get).average().orElse(0);
    }

    private static double spread(List<List<StudentId>> dealt, Map<StudentId, Double> values) {
        double spread = 0;
        for (List<StudentId> group : dealt) {
            double mean = mean(group, values);
            for (StudentId each : group) {
                spread += Math.pow(values.get(each) - mean, 2);
            }
        }
        return spread;
    }

    private static double costOf(Proposal proposal) {
        return ((Proposal.Groups) proposal).cost();
    }

    @ParameterizedTest
    @MethodSource("smallClasses")
    void profilesFindTheLeastSpreadOverAllMeasures(Small of) {
        Proposal proposal = new Profiles(of.students, of.measures(), GROUPS, new Sizes(1, 4)).propose(of.rules, 3);
        double best = least(of, 1, 4, dealt -> of.measures().stream()
                .mapToDouble(each -> each.weight() * spread(dealt, each.standardised()))
                .sum());
        assertThat(costOf(proposal)).isCloseTo(best, within(1e-9));
    }

    @ParameterizedTest
    @MethodSource("smallClasses")
    void mixedFindsTheGroupsMostLikeEachOther(Small of) {
        int n = of.students.size();
        Proposal proposal = new Mixed(of.students, of.measures(), List.of(new Mixed.Spread(1.5, of.tagged)), GROUPS)
                .propose(of.rules, 3);
        double best = least(of, n / GROUPS, (n + GROUPS - 1) / GROUPS, dealt -> mixedCost(of, dealt));
        assertThat(costOf(proposal)).isCloseTo(best, within(1e-9));
    }

    private static double mixedCost(Small of, List<List<StudentId>> dealt) {
        double n = of.students.size();
        double cost = 0;
        for (List<StudentId> group : dealt) {
            for (Weighted measure : of.measures()) {
                cost += measure.weight() * group.size() / n * Math.pow(mean(group, measure.standardised()), 2);
            }
            long having = group.stream().filter(of.tagged::contains).count();
            cost += 1.5 * Math.pow(having - group.size() * of.tagged.size() / n, 2) / n;
        }
        return cost;
    }

    @ParameterizedTest
    @MethodSource("smallClasses")
    void choicesGiveTheLeastDistanceFromWhatWasChosen(Small of) {
        Proposal proposal = new Choices(of.ranked, List.of(1, 1, 1), List.of(4, 4, 4)).propose(of.rules, 3);
        double best = least(of, 1, 4, dealt -> choiceCost(of, dealt));
        assertThat(costOf(proposal)).isCloseTo(best, within(1e-9));
    }

    private static double choiceCost(Small of, List<List<StudentId>> dealt) {
        double cost = 0;
        for (int option = 0; option < GROUPS; option++) {
            for (StudentId each : dealt.get(option)) {
                int place = of.ranked.get(each).indexOf(option);
                cost += place < 0 ? GROUPS * GROUPS : place * place;
            }
        }
        return cost;
    }

    @ParameterizedTest
    @MethodSource("smallClasses")
    void sameSizeUnderRulesHasTheLeastSpreadOfItsSizes(Small of) {
        int n = of.students.size();
        List<Scored> scored = of.students.stream()
                .map(each -> new Scored(each, of.one.get(each)))
                .toList();
        Proposal proposal = new SameSize(scored, GROUPS).propose(of.rules, 3);
        double best = least(of, n / GROUPS, (n + GROUPS - 1) / GROUPS, dealt -> spread(dealt, of.one));
        // Without rules the larger groups stand first, which may cost more than the best of all sizes.
        if (of.rules.isEmpty()) {
            assertThat(costOf(proposal)).isGreaterThanOrEqualTo(best - 1e-9);
        } else {
            assertThat(costOf(proposal)).isCloseTo(best, within(1e-6));
        }
    }

    @ParameterizedTest
    @MethodSource("smallClasses")
    void namesOfStudentsDoNotChangeTheCost(Small of) {
        Map<StudentId, Double> one = new LinkedHashMap<>();
        Map<StudentId, Double> other = new LinkedHashMap<>();
        int n = of.students.size();
        of.students.forEach(each -> {
            StudentId renamed = new StudentId(1000 + n - each.value());
            one.put(renamed, of.one.get(each));
            other.put(renamed, of.other.get(each));
        });
        List<Weighted> measures = List.of(new Weighted(2, Better.HIGHER, one), new Weighted(1, Better.LOWER, other));
        double before = costOf(new Profiles(of.students, of.measures(), GROUPS, new Sizes(1, 4)).propose());
        double after = costOf(new Profiles(one.keySet(), measures, GROUPS, new Sizes(1, 4)).propose());
        assertThat(after).isCloseTo(before, within(1e-9));
    }
}
