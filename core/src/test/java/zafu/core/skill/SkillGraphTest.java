package zafu.core.skill;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import zafu.core.roster.StudentId;

class SkillGraphTest {
    private static SkillId id(long value) {
        return new SkillId(value);
    }

    private static Skill skill(long own, long... before) {
        Set<SkillId> prerequisites = new TreeSet<>();
        Arrays.stream(before).forEach(each -> prerequisites.add(id(each)));
        return new Skill(id(own), "skill " + own, (int) own, prerequisites);
    }

    @Test
    void aCircleOfPrerequisitesIsNamedFromOneToTheNext() {
        SkillGraph graph = SkillGraph.of(List.of(skill(1, 2), skill(2, 3), skill(3, 1), skill(4, 1)));
        assertThat(graph.cycle()).contains(List.of(id(1), id(2), id(3)));
    }

    @Test
    void whatLeadsIntoACircleIsNoPartOfIt() {
        SkillGraph graph = SkillGraph.of(List.of(skill(1, 2), skill(2, 3), skill(3, 2)));
        assertThat(graph.cycle()).contains(List.of(id(2), id(3)));
    }

    @Test
    void twoWaysToOneSkillAreNoCircle() {
        SkillGraph graph = SkillGraph.of(List.of(skill(1), skill(2, 1), skill(3, 1), skill(4, 2, 3)));
        assertThat(graph.cycle()).isEmpty();
        assertThat(graph.allBefore(List.of(id(4)))).containsExactly(id(1), id(2), id(3));
        assertThat(graph.depths()).containsEntry(id(4), 2).containsEntry(id(1), 0);
    }

    @Test
    void aPrerequisiteThatIsNotHereIsPassedOver() {
        SkillGraph graph = SkillGraph.of(List.of(skill(2, 99)));
        assertThat(graph.allBefore(List.of(id(2)))).isEmpty();
    }

    @Test
    void aSkillInAGroupSaysWhoHoldsItAndWhoHasTheFooting() {
        Map<StudentId, Set<SkillId>> held = Map.of(
                new StudentId(1), Set.of(id(1), id(2)),
                new StudentId(2), Set.of(id(1)),
                new StudentId(3), Set.of());
        Map<SkillId, ReadyToTeach.InGroup> all = ReadyToTeach.all(List.of(skill(1), skill(2, 1)), held);
        assertThat(all.get(id(1)).readiness()).isEqualTo(ReadyToTeach.Readiness.MOSTLY_HELD);
        ReadyToTeach.InGroup second = all.get(id(2));
        assertThat(second.holders()).containsExactly(new StudentId(1));
        assertThat(second.footed()).containsExactly(new StudentId(1), new StudentId(2));
        assertThat(second.readiness()).isEqualTo(ReadyToTeach.Readiness.LACKS_FOOTING);
    }

    @Test
    void aGroupOfOneWhoHoldsNothingIsReadyForTheBeginningsAlone() {
        List<ReadyToTeach.InGroup> ready =
                ReadyToTeach.of(List.of(skill(1), skill(2, 1)), Map.of(new StudentId(1), Set.of()));
        assertThat(ready).extracting(each -> each.skill().id()).containsExactly(id(1));
    }

    @Test
    void nobodyIsReadyForNothing() {
        assertThat(ReadyToTeach.of(List.of(skill(1)), Map.of())).isEmpty();
    }
}
