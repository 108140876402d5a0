package zafu.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.function.Function;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.roster.StudentId;

/** What holds for every class, tried on seeded random ones. */
class GroupingPropertiesTest {
    record Case(List<Scored> students, int groups, Sizes sizes) {}

    static Stream<Case> smallClasses() {
        Random random = new Random(5);
        return IntStream.range(0, 150).mapToObj(i -> {
            int n = 1 + random.nextInt(11);
            int groups = 1 + random.nextInt(4);
            int smallest = 1 + random.nextInt(3);
            return new Case(students(n, random, 12), groups, new Sizes(smallest, smallest + random.nextInt(6)));
        });
    }

    private static List<Scored> students(int n, Random random, int distinct) {
        List<Scored> students = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            students.add(new Scored(new StudentId(i), random.nextInt(distinct) * 7.5));
        }
        return students;
    }

    @ParameterizedTest
    @MethodSource("smallClasses")
    void similarScoresCostNoMoreThanAnyOtherContiguousSplit(Case given) {
        double[] sorted = Scored.valuesOf(
                given.students.stream().sorted(Scored.BEST_FIRST).toList());
        double least = bruteForce(sorted, 0, given.groups, given.sizes);
        Proposal proposal = new SimilarScores(given.students, given.groups, given.sizes).propose();
        if (least == Double.POSITIVE_INFINITY) {
            assertThat(proposal).isInstanceOf(Proposal.Impossible.class);
        } else {
            assertThat(((Proposal.Groups) proposal).cost()).isCloseTo(least, within(1e-6));
        }
    }

    private static double bruteForce(double[] values, int from, int groups, Sizes sizes) {
        if (groups == 0) {
            return from == values.length ? 0 : Double.POSITIVE_INFINITY;
        }
        double least = Double.POSITIVE_INFINITY;
        for (int to = from + sizes.smallest(); to <= Math.min(values.length, from + sizes.largest()); to++) {
            double own = spread(Arrays.copyOfRange(values, from, to));
            least = Math.min(least, own + bruteForce(values, to, groups - 1, sizes));
        }
        return least;
    }

    private static double spread(double[] values) {
        double mean = Arrays.stream(values).average().orElseThrow();
        return Arrays.stream(values).map(x -> (x - mean) * (x - mean)).sum();
    }

    @ParameterizedTest
    @MethodSource("smallClasses")
    void everyStudentIsPlacedOnceWithinTheSizesWhateverTheOrderOfTheList(Case given) {
        List<Scored> shuffled = new ArrayList<>(given.students);
        Collections.shuffle(shuffled, new Random(9));
        List<Function<List<Scored>, GroupingMethod>> methods = List.of(
                students -> new SimilarScores(students, given.groups, given.sizes),
                students -> new BandGroups(students, List.of(20.0, 50.0), given.sizes));
        for (Function<List<Scored>, GroupingMethod> method : methods) {
            Proposal proposal = method.apply(given.students).propose();
            assertThat(method.apply(shuffled).propose()).isEqualTo(proposal);
            if (proposal instanceof Proposal.Groups made) {
                assertThat(made.groups().stream().flatMap(List::stream))
                        .containsExactlyInAnyOrderElementsOf(
                                given.students.stream().map(Scored::student).toList());
                assertThat(made.groups()).allSatisfy(group -> assertThat(group)
                        .hasSizeBetween(given.sizes.smallest(), given.sizes.largest()));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("smallClasses")
    void dealingByTheCutsOfAProposalGivesTheProposalBack(Case given) {
        if (new SimilarScores(given.students, given.groups, given.sizes).propose() instanceof Proposal.Groups made) {
            List<List<Double>> values = made.groups().stream()
                    .map(group -> group.stream()
                            .map(id -> given.students.get((int) id.value()).value())
                            .toList())
                    .toList();
            List<Double> cuts = new ArrayList<>();
            boolean partsEqualScores = false;
            for (int i = 1; i < values.size(); i++) {
                cuts.add(CutPlacement.between(values.get(i - 1), values.get(i)).orElseThrow());
                partsEqualScores |= values.get(i - 1).contains(values.get(i).get(0));
            }
            if (!partsEqualScores) {
                assertThat(CutPlacement.deal(given.students, cuts)).isEqualTo(made.groups());
            }
        }
    }

    @Test
    void tooFewSeatsSaysHowManyThereAre() {
        Proposal proposal = new SimilarScores(students(26, new Random(1), 100), 4, new Sizes(1, 6)).propose();
        assertThat(proposal).isEqualTo(new Proposal.Impossible(new Contradiction.TooFewSeats(26, 4, 6, 24)));
    }

    @Test
    void tooFewStudentsSaysHowManyAreNeeded() {
        Proposal proposal = new SimilarScores(students(10, new Random(1), 100), 4, new Sizes(3, 6)).propose();
        assertThat(proposal).isEqualTo(new Proposal.Impossible(new Contradiction.TooFewStudents(10, 4, 3, 12)));
    }

    @Test
    void aBandThatIsTooSmallJoinsTheNearerNeighbour() {
        List<Scored> students = IntStream.of(90, 88, 52, 49, 48, 47)
                .mapToObj(value -> new Scored(new StudentId(value), value))
                .toList();
        Proposal proposal = new BandGroups(students, List.of(50.0, 80.0), new Sizes(2, 6)).propose();
        assertThat(((Proposal.Groups) proposal).groups())
                .extracting(group -> group.stream().map(StudentId::value).toList())
                .containsExactly(List.of(90L, 88L), List.of(52L, 49L, 48L, 47L));
    }

    @Test
    void aBandThatIsTooLargeIsSplitWhereTheGapIs() {
        List<Scored> students = IntStream.of(90, 89, 60, 59, 58, 30)
                .mapToObj(value -> new Scored(new StudentId(value), value))
                .toList();
        Proposal proposal = new BandGroups(students, List.of(50.0), new Sizes(1, 3)).propose();
        assertThat(((Proposal.Groups) proposal).groups()).extracting(List::size).containsExactly(2, 3, 1);
    }

    @Test
    void closeToTheLineAreThoseWithinTheErrorOfTheCut() {
        List<Scored> upper = List.of(new Scored(new StudentId(1), 720), new Scored(new StudentId(2), 688));
        List<Scored> lower = List.of(new Scored(new StudentId(3), 660), new Scored(new StudentId(4), 604));
        assertThat(CloseToLine.of(List.of(upper, lower), 22)).containsExactly(new StudentId(2), new StudentId(3));
    }
}
