package zafu.core.targeting;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;

class MoveEffectTest {
    private static final StudentId UMI = new StudentId(1);
    private static final GroupId REEF = new GroupId(1);
    private static final GroupId CLOVE = new GroupId(2);
    private static final VersionId SHORT_TEXT = new VersionId(1);
    private static final VersionId AS_IT_IS = new VersionId(2);
    private static final List<Targets> VERSIONS = List.of(
            new Targets(SHORT_TEXT, false, Set.of(REEF), Set.of(), Set.of()),
            new Targets(AS_IT_IS, false, Set.of(CLOVE), Set.of(), Set.of()));

    private static Outcome in(GroupId group, Map<StudentId, VersionId> running) {
        return new WhoGetsWhat(Map.of(group, Set.of(UMI)), VERSIONS, running)
                .resolve(List.of(UMI))
                .get(UMI);
    }

    @Test
    void aRunningTryPinsItsVersionWhateverTheGroup() {
        assertThat(in(CLOVE, Map.of(UMI, SHORT_TEXT))).isEqualTo(new Outcome.Gets(SHORT_TEXT, new Reach.Started()));
    }

    @Test
    void unstartedWorkChangesWithTheGroup() {
        assertThat(MoveEffect.of(in(REEF, Map.of()), in(CLOVE, Map.of()), false))
                .contains(new MoveEffect.Changes(SHORT_TEXT, AS_IT_IS));
    }

    @Test
    void startedWorkStays() {
        assertThat(MoveEffect.of(in(REEF, Map.of()), in(CLOVE, Map.of()), true))
                .contains(new MoveEffect.KeepsStarted(SHORT_TEXT));
    }

    @Test
    void unstartedWorkIsWithdrawnWhereTheNewGroupHasNone() {
        GroupId untouched = new GroupId(3);
        assertThat(MoveEffect.of(in(REEF, Map.of()), in(untouched, Map.of()), false))
                .contains(new MoveEffect.Withdrawn(SHORT_TEXT));
        assertThat(MoveEffect.of(in(untouched, Map.of()), in(REEF, Map.of()), false))
                .contains(new MoveEffect.Gains(SHORT_TEXT));
        assertThat(MoveEffect.of(in(untouched, Map.of()), in(untouched, Map.of()), false))
                .isEmpty();
    }

    @Test
    void aMoveIntoTwoGroupsAtOnceLeadsToAConflict() {
        Outcome both = new WhoGetsWhat(Map.of(REEF, Set.of(UMI), CLOVE, Set.of(UMI)), VERSIONS, Map.of())
                .resolve(List.of(UMI))
                .get(UMI);
        assertThat(MoveEffect.of(in(REEF, Map.of()), both, false)).contains(new MoveEffect.LeadsToConflict());
        assertThat(both)
                .isEqualTo(new Outcome.Conflict(List.of(
                        new Outcome.Gets(SHORT_TEXT, new Reach.ByGroups(List.of(REEF))),
                        new Outcome.Gets(AS_IT_IS, new Reach.ByGroups(List.of(CLOVE))))));
    }
}
