package zafu.core.grouping;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import zafu.core.measure.Better;
import zafu.core.measure.NumericScale;
import zafu.core.roster.StudentId;

class FitCurveTest {
    static Stream<double[]> manyClasses() {
        Random random = new Random(31);
        return IntStream.range(0, 60)
                .mapToObj(i -> random.doubles(2 + random.nextInt(40), 0, 1200).toArray());
    }

    @ParameterizedTest
    @MethodSource("manyClasses")
    void moreGroupsNeverFitWorseWhileSizesAreFree(double[] values) {
        FitCurve curve = FitCurve.of(values, new Sizes(1, values.length));
        double before = -1;
        for (double fit : curve.fit().values()) {
            assertThat(fit).isBetween(0.0, 1.0 + 1e-12).isGreaterThanOrEqualTo(before - 1e-12);
            before = fit;
        }
        assertThat(curve.fit()).containsKey(1);
    }

    @ParameterizedTest
    @MethodSource("manyClasses")
    void theSuggestionIsOneOfTheFeasibleNumbers(double[] values) {
        FitCurve curve = FitCurve.of(values, new Sizes(2, 8));
        if (curve.fit().isEmpty()) {
            assertThat(curve.suggested()).isEmpty();
        } else {
            assertThat(curve.fit()).containsKey(curve.suggested().orElseThrow());
        }
    }

    @ParameterizedTest
    @MethodSource("manyClasses")
    void shiftingAndStretchingTheScaleChangesNeitherFitNorSuggestion(double[] values) {
        double[] other = Arrays.stream(values).map(x -> 3 * x - 500).toArray();
        FitCurve curve = FitCurve.of(values, new Sizes(1, 9));
        FitCurve moved = FitCurve.of(other, new Sizes(1, 9));
        assertThat(moved.suggested()).isEqualTo(curve.suggested());
        curve.fit().forEach((k, fit) -> assertThat(moved.fit().get(k)).isCloseTo(fit, within(1e-9)));
    }

    @Test
    void nobodyGivesNoCurve() {
        FitCurve curve = FitCurve.of(new double[0], new Sizes(1, 8));
        assertThat(curve.fit()).isEmpty();
        assertThat(curve.suggested()).isEmpty();
    }

    @Test
    void oneStudentIsAGroupOfTheirOwn() {
        FitCurve curve = FitCurve.of(new double[] {571}, new Sizes(1, 8));
        assertThat(curve.fit()).containsExactly(Map.entry(1, 1.0));
        assertThat(curve.suggested()).hasValue(1);
    }

    @Test
    void figuresCountMembersWithoutAValueButDoNotGuessOne() {
        GroupFigures figures = GroupFigures.of(3, List.of(590.0, 571.0));
        assertThat(figures)
                .isEqualTo(new GroupFigures(
                        3,
                        OptionalDouble.of(580.5),
                        OptionalDouble.of(580.5),
                        OptionalDouble.of(9.5),
                        OptionalDouble.of(571),
                        OptionalDouble.of(590)));
        assertThat(GroupFigures.of(2, List.of()).median()).isEmpty();
    }

    @Test
    void noCutPartsTwoGroupsThatOverlap() {
        assertThat(CutPlacement.between(List.of(600.0, 520.0), List.of(549.0, 396.0)))
                .isEmpty();
        assertThat(CutPlacement.between(List.of(688.0, 742.0), List.of(549.0, 604.0)))
                .contains(646.0);
        assertThat(CutPlacement.between(List.of(), List.of(549.0))).isEmpty();
    }

    @Test
    void aValueOnTheCutStandsAboveIt() {
        List<Scored> students = List.of(new Scored(new StudentId(1), 646), new Scored(new StudentId(2), 645.9));
        assertThat(CutPlacement.deal(students, List.of(646.0)))
                .containsExactly(List.of(new StudentId(1)), List.of(new StudentId(2)));
    }

    @Test
    void whatCannotBeASizeOrAScaleIsABugOfTheCaller() {
        assertThatThrownBy(() -> new Sizes(0, 3)).hasMessageContaining("below 1");
        assertThatThrownBy(() -> new Sizes(4, 3)).hasMessageContaining("below the smallest");
        assertThatThrownBy(() -> new SimilarScores(List.of(), 0, new Sizes(1, 2)))
                .hasMessageContaining("number of groups");
        assertThatThrownBy(() -> new NumericScale(5, 5, 0, Better.HIGHER, OptionalDouble.empty()))
                .hasMessageContaining("does not lie below");
    }

    @Test
    void bandsWithoutCutsOrStudentsSayWhy() {
        assertThat(new BandGroups(List.of(new Scored(new StudentId(1), 5)), List.of(), new Sizes(1, 9)).propose())
                .isEqualTo(new Proposal.Impossible(new Contradiction.NoBands()));
        assertThat(new BandGroups(List.of(), List.of(10.0), new Sizes(1, 9)).propose())
                .isEqualTo(new Proposal.Impossible(new Contradiction.NobodyToPlace()));
    }
}
