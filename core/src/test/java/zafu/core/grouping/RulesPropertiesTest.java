package zafu.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.measure.Better;
import zafu.core.roster.StudentId;
import zafu.core.skill.SkillStatus;

/** Whatever the method, the rules hold or the contradiction is told; and neither order nor luck decides. */
class RulesPropertiesTest {
    /** A class with its rules, from which every method's question can be made. */
    record Asked(List<StudentId> students, Map<StudentId, Double> one, Map<StudentId, Double> other, Rules rules) {
        List<Scored> scored() {
            return students.stream()
                    .map(each -> new Scored(each, one.get(each)))
                    .toList();
        }

        List<Weighted> measures() {
            return List.of(new Weighted(2, Better.HIGHER, one), new Weighted(1, Better.LOWER, other));
        }

        Asked shuffled() {
            List<StudentId> order = new ArrayList<>(students);
            Collections.shuffle(order, new Random(3));
            Map<StudentId, Double> turned = new LinkedHashMap<>();
            order.forEach(each -> turned.put(each, one.get(each)));
            return new Asked(order, turned, other, rules);
        }

        Map<String, GroupingMethod> methods(int groups, Sizes sizes) {
            Map<StudentId, SkillStatus> statuses = new HashMap<>();
            Map<StudentId, SharedNeeds.Needs> needs = new HashMap<>();
            Map<StudentId, List<Integer>> ranked = new HashMap<>();
            for (StudentId each : students) {
                statuses.put(each, SkillStatus.values()[(int) (each.value() % 5)]);
                boolean some = each.value() % 3 == 0;
                needs.put(each, some ? needing(each.value() % 2 == 0 ? "1.5" : "2") : SharedNeeds.Needs.NONE);
                ranked.put(each, List.of((int) (each.value() % groups), (int) ((each.value() + 1) % groups)));
            }
            Set<StudentId> tagged = new HashSet<>(students.subList(0, students.size() / 2));
            Map<String, GroupingMethod> methods = new LinkedHashMap<>();
            methods.put("similar", new SimilarScores(scored(), groups, sizes));
            methods.put("bands", new BandGroups(scored(), List.of(30.0, 60.0), sizes));
            methods.put("same size", new SameSize(scored(), groups));
            methods.put("composite", new Composite(students, measures(), groups, sizes));
            methods.put("profiles", new Profiles(students, measures(), groups, sizes));
            methods.put("mixed", new Mixed(students, measures(), List.of(new Mixed.Spread(1, tagged)), groups));
            methods.put("random", new RandomDraw(students, groups));
            methods.put("skill", new OneSkill(statuses));
            methods.put("needs", new SharedNeeds(needs, OptionalInt.empty()));
            methods.put(
                    "choices",
                    new Choices(
                            ranked,
                            Collections.nCopies(groups, sizes.smallest()),
                            Collections.nCopies(groups, sizes.largest())));
            return methods;
        }
    }

    private static SharedNeeds.Needs needing(String factor) {
        return new SharedNeeds.Needs(new BigDecimal(factor), false, Set.of());
    }

    static Stream<Asked> classes() {
        Random random = new Random(17);
        return IntStream.range(0, 25).mapToObj(i -> asked(random, 6 + random.nextInt(14)));
    }

    private static Asked asked(Random random, int n) {
        List<StudentId> students =
                IntStream.range(0, n).mapToObj(StudentId::new).toList();
        Map<StudentId, Double> one = new LinkedHashMap<>();
        Map<StudentId, Double> other = new LinkedHashMap<>();
        students.forEach(each -> {
            one.put(each, (double) random.nextInt(90));
            other.put(each, (double) random.nextInt(40));
        });
        Rules rules = new Rules(
                Map.of(students.get(0), random.nextInt(2)),
                List.of(Set.of(students.get(1), students.get(2))),
                List.of(
                        new Rules.Pair(students.get(3), students.get(4)),
                        new Rules.Pair(students.get(0), students.get(5))),
                List.of(new Rules.Wish(new Rules.Pair(students.get(1), students.get(5)), random.nextBoolean(), 0.5)));
        return new Asked(students, one, other, rules);
    }

    @ParameterizedTest
    @MethodSource("classes")
    void theRulesHoldWhateverTheMethod(Asked asked) {
        Sizes sizes = new Sizes(1, asked.students.size());
        asked.methods(3, sizes).forEach((name, method) -> {
            Proposal proposal = method.propose(asked.rules, 1);
            if (proposal instanceof Proposal.Groups made) {
                assertThat(made.groups().stream().flatMap(List::stream))
                        .as(name)
                        .doesNotHaveDuplicates()
                        .hasSize(asked.students.size() - made.leftOut().size());
                assertKept(name, made.groups(), asked.rules);
            } else {
                // A band or a status may leave fewer groups than the rules need.
                assertThat(name).isIn("bands", "skill", "needs");
            }
        });
    }

    private static void assertKept(String name, List<List<StudentId>> groups, Rules rules) {
        rules.locked()
                .forEach((student, at) ->
                        assertThat(groups.get(at)).as(name + ": lock").contains(student));
        rules.together()
                .forEach(set -> assertThat(groups).as(name + ": together").anySatisfy(group -> assertThat(group)
                        .containsAll(set)));
        rules.apart().forEach(pair -> assertThat(groups).as(name + ": apart").noneSatisfy(group -> assertThat(group)
                .contains(pair.one(), pair.other())));
    }

    @ParameterizedTest
    @MethodSource("classes")
    void theOrderOfTheListChangesNothing(Asked asked) {
        Sizes sizes = new Sizes(1, asked.students.size());
        Map<String, GroupingMethod> shuffled = asked.shuffled().methods(3, sizes);
        // The tag of the mixed question goes to the first half of the list, and would be another one.
        shuffled.remove("mixed");
        shuffled.forEach((name, method) -> assertThat(method.propose(asked.rules, 5))
                .as(name)
                .isEqualTo(asked.methods(3, sizes).get(name).propose(asked.rules, 5)));
    }

    static Stream<Asked> small() {
        Random random = new Random(23);
        return IntStream.range(0, 12).mapToObj(i -> asked(random, 6 + random.nextInt(3)));
    }

    @ParameterizedTest
    @MethodSource("small")
    void leastSpreadUnderRulesIsTheLeastThereIs(Asked asked) {
        Sizes sizes = new Sizes(1, 5);
        Proposal proposal = new SimilarScores(asked.scored(), 3, sizes).propose(asked.rules, 2);
        assertThat(((Proposal.Groups) proposal).cost()).isCloseTo(leastOfAll(asked, sizes), within(1e-6));
    }

    /** Every way there is to deal the students into three groups. */
    private static double leastOfAll(Asked asked, Sizes sizes) {
        int n = asked.students.size();
        double least = Double.POSITIVE_INFINITY;
        for (int code = 0; code < Math.pow(3, n); code++) {
            List<List<StudentId>> groups = List.of(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
            int rest = code;
            for (StudentId each : asked.students) {
                groups.get(rest % 3).add(each);
                rest /= 3;
            }
            if (keeps(groups, asked.rules, sizes)) {
                least = Math.min(least, cost(groups, asked));
            }
        }
        return least;
    }

    private static boolean keeps(List<List<StudentId>> groups, Rules rules, Sizes sizes) {
        return groups.stream().allMatch(group -> group.size() >= sizes.smallest() && group.size() <= sizes.largest())
                && rules.locked().entrySet().stream()
                        .allMatch(each -> groups.get(each.getValue()).contains(each.getKey()))
                && rules.together().stream().allMatch(set -> groups.stream().anyMatch(group -> group.containsAll(set)))
                && rules.apart().stream().noneMatch(pair -> isTogether(groups, pair));
    }

    private static boolean isTogether(List<List<StudentId>> groups, Rules.Pair pair) {
        return groups.stream().anyMatch(group -> group.contains(pair.one()) && group.contains(pair.other()));
    }

    private static double cost(List<List<StudentId>> groups, Asked asked) {
        double wishes = asked.rules.wishes().stream()
                .filter(wish -> wish.together() != isTogether(groups, wish.pair()))
                .mapToDouble(Rules.Wish::weight)
                .sum();
        return wishes
                + groups.stream()
                        .mapToDouble(group -> {
                            double mean = group.stream()
                                    .mapToDouble(asked.one::get)
                                    .average()
                                    .orElse(0);
                            return group.stream()
                                    .mapToDouble(each -> Math.pow(asked.one.get(each) - mean, 2))
                                    .sum();
                        })
                        .sum();
    }

    private static final List<StudentId> FIVE =
            IntStream.range(0, 5).mapToObj(StudentId::new).toList();

    private static Contradiction whyNot(Rules rules, int groups, Sizes sizes) {
        List<Scored> scored =
                FIVE.stream().map(each -> new Scored(each, each.value())).toList();
        return ((Proposal.Impossible) new SimilarScores(scored, groups, sizes).propose(rules, 0)).because();
    }

    private static Rules.Pair pair(int one, int other) {
        return new Rules.Pair(FIVE.get(one), FIVE.get(other));
    }

    @Test
    void aContradictionIsNamedInItsPlainestForm() {
        Sizes sizes = new Sizes(1, 3);
        Rules locked = new Rules(Map.of(FIVE.get(0), 1, FIVE.get(1), 1), List.of(), List.of(pair(0, 1)), List.of());
        assertThat(whyNot(locked, 2, sizes))
                .isEqualTo(new Contradiction.TogetherAndApart(FIVE.get(0), FIVE.get(1), true));
        Set<StudentId> two = Set.of(FIVE.get(0), FIVE.get(1));
        assertThat(whyNot(new Rules(Map.of(), List.of(two), List.of(pair(0, 1)), List.of()), 2, sizes))
                .isEqualTo(new Contradiction.TogetherAndApart(FIVE.get(0), FIVE.get(1), false));
        assertThat(whyNot(
                        new Rules(Map.of(FIVE.get(0), 0, FIVE.get(1), 1), List.of(two), List.of(), List.of()),
                        2,
                        sizes))
                .isEqualTo(new Contradiction.TogetherButLockedApart(FIVE.get(0), FIVE.get(1)));
        Set<StudentId> four = new HashSet<>(FIVE.subList(0, 4));
        assertThat(whyNot(new Rules(Map.of(), List.of(four), List.of(), List.of()), 2, sizes))
                .isEqualTo(new Contradiction.TooManyTogether(four, 3));
        Rules apart = new Rules(Map.of(), List.of(), List.of(pair(0, 1), pair(1, 2), pair(0, 2)), List.of());
        assertThat(whyNot(apart, 2, sizes)).isInstanceOf(Contradiction.TooManyApart.class);
    }

    @Test
    void ofManyRulesOnlyThoseOfTheClashAreNamed() {
        Rules rules = new Rules(
                Map.of(FIVE.get(0), 0, FIVE.get(1), 1),
                List.of(Set.of(FIVE.get(3), FIVE.get(4))),
                List.of(pair(0, 2), pair(1, 2), pair(3, 0)),
                List.of());
        Contradiction.RulesClash clash = (Contradiction.RulesClash) whyNot(rules, 2, new Sizes(1, 4));
        assertThat(clash.rules().apart()).containsExactlyInAnyOrder(pair(0, 2), pair(1, 2));
        assertThat(clash.rules().locked()).containsOnlyKeys(FIVE.get(0), FIVE.get(1));
        assertThat(clash.rules().together()).isEmpty();
    }

    @Test
    void needsMergeTheNearestPacesAndLeaveTheGeneralGroup() {
        Map<StudentId, SharedNeeds.Needs> needs = Map.of(
                FIVE.get(0), SharedNeeds.Needs.NONE,
                FIVE.get(1), needing("1.5"),
                FIVE.get(2), needing("1.25"),
                FIVE.get(3), needing("2.0"),
                FIVE.get(4), new SharedNeeds.Needs(BigDecimal.ONE, true, Set.of()));
        Proposal.Groups three = (Proposal.Groups) new SharedNeeds(needs, OptionalInt.of(3)).propose();
        assertThat(three.groups())
                .containsExactly(
                        List.of(FIVE.get(0)), List.of(FIVE.get(2), FIVE.get(1), FIVE.get(3)), List.of(FIVE.get(4)));
    }

    @Test
    void choicesTellHowManyGotWhich() {
        Map<StudentId, List<Integer>> ranked = Map.of(
                FIVE.get(0), List.of(0), FIVE.get(1), List.of(0, 1), FIVE.get(2), List.of(), FIVE.get(3), List.of(1));
        Choices choices = new Choices(ranked, List.of(1, 1), List.of(1, 3));
        Proposal.Groups made = (Proposal.Groups) choices.propose();
        assertThat(made.cost()).isEqualTo(1 + 4);
        assertThat(choices.granted(made)).containsExactly(2, 1, 1);
        Rules locked = new Rules(Map.of(FIVE.get(0), 1), List.of(), List.of(), List.of());
        assertThat(((Proposal.Groups) choices.propose(locked, 0)).groups().get(1))
                .contains(FIVE.get(0));
    }

    @Test
    void anUnevenClassGivesTheLargerGroupsFirst() {
        List<Scored> scored =
                FIVE.stream().map(each -> new Scored(each, each.value())).toList();
        assertThat(((Proposal.Groups) new SameSize(scored, 3).propose()).groups())
                .extracting(List::size)
                .containsExactly(2, 2, 1);
    }

    @Test
    void aRuleCostsWhatTheGroupsWithoutItWouldHaveSaved() {
        List<Scored> scored = IntStream.of(10, 11, 12, 50, 51, 52)
                .mapToObj(value -> new Scored(new StudentId(value), value))
                .toList();
        SimilarScores method = new SimilarScores(scored, 2, new Sizes(1, 6));
        Rules rules = new Rules(
                Map.of(new StudentId(52), 0),
                List.of(),
                List.of(new Rules.Pair(new StudentId(10), new StudentId(11))),
                List.of());
        Proposal.Groups made = (Proposal.Groups) method.propose(rules, 0);
        List<RuleCost> costs = RuleCost.of(method, rules, 0, made);
        assertThat(costs).hasSize(2);
        assertThat(costs.get(0).share())
                .as("who is locked where they belong costs nothing")
                .isZero();
        double free = ((Proposal.Groups) method.propose()).cost();
        assertThat(costs.get(1).without()).isCloseTo(free, within(1e-9));
        assertThat(costs.get(1).share())
                .isCloseTo((made.cost() - free) / free, within(1e-9))
                .isPositive();
    }

    @Test
    void whyAStudentIsHereTellsWhatElseThereWas() {
        Map<StudentId, Double> values =
                Map.of(FIVE.get(0), 10.0, FIVE.get(1), 12.0, FIVE.get(2), 30.0, FIVE.get(3), 13.0);
        List<WhyHere> reasons = WhyHere.of(
                List.of(List.of(FIVE.get(0), FIVE.get(1)), List.of(FIVE.get(2), FIVE.get(3), FIVE.get(4)), List.of()),
                values);
        assertThat(reasons).hasSize(4);
        assertThat(reasons.get(0)).isEqualTo(new WhyHere(FIVE.get(0), 0, 10, 11, OptionalInt.of(1), 21.5));
        assertThat(reasons.get(0).isKeptFromNearer()).isFalse();
        assertThat(reasons.get(3).isKeptFromNearer())
                .as("13 lies nearer to 11 than to 21.5")
                .isTrue();
    }
}
