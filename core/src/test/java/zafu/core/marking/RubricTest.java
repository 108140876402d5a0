package zafu.core.marking;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.List;
import org.junit.jupiter.api.Test;
import zafu.core.marking.Rubric.Criterion;

class RubricTest {
    private static final String TEXT =
            "Look for own words.\n- Says what the tide does: 2\nGives a reason:1\nAt 10:30 it turns.";

    @Test
    void linesThatEndInPointsAreCriteriaAndTheRestIsGuidance() {
        assertThat(Rubric.in(TEXT).criteria())
                .containsExactly(new Criterion("Says what the tide does", 2), new Criterion("Gives a reason", 1));
        assertThat(Rubric.guidanceBeside(TEXT)).isEqualTo("Look for own words.\nAt 10:30 it turns.");
    }

    @Test
    void aCriterionWorthNothingIsNone() {
        assertThat(Rubric.in("Spelling: 0").criteria()).isEmpty();
        assertThat(Rubric.in("").criteria()).isEmpty();
    }

    @Test
    void pointsComeToTheirShareOfTheQuestion() {
        Rubric rubric = Rubric.in(TEXT);
        assertThat(rubric.earned(List.of(2.0, 1.0), 3)).isEqualTo(3);
        assertThat(rubric.earned(List.of(1.0, 0.5), 3)).isEqualTo(1.5);
        assertThat(rubric.earned(List.of(2.0, 1.0), 6)).isEqualTo(6);
    }

    @Test
    void whatDoesNotFitIsRefused() {
        Rubric rubric = Rubric.in(TEXT);
        assertThat(rubric.admits(List.of(2.0))).isFalse();
        assertThat(rubric.admits(List.of(3.0, 1.0))).isFalse();
        assertThat(rubric.admits(List.of(-0.5, 1.0))).isFalse();
        assertThatIllegalArgumentException().isThrownBy(() -> rubric.earned(List.of(1.0), 3));
    }
}
