package zafu.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zafu.core.grouping.Scored;
import zafu.core.roster.StudentId;

class BenchStateTest {
    private static final BenchState.Group REEF = BenchState.Group.plain(11, "Reef", 0);
    private static final BenchState.Group CLOVE = BenchState.Group.plain(12, "Clove", 1);
    private static final BenchState STATE =
            new BenchState(List.of(REEF, CLOVE), Map.of(1L, 11L, 2L, 11L, 3L, 12L), Set.of(3L), Map.of());

    @Test
    void placingIsANewStateAndLeavesTheOldOneAsItWas() {
        BenchState moved = STATE.place(List.of(1L), Optional.of(12L));
        assertThat(moved.membersOf(12)).containsExactly(1L, 3L);
        assertThat(STATE.membersOf(12)).containsExactly(3L);
    }

    @Test
    void takingOutLeavesNoGroup() {
        assertThat(STATE.place(List.of(1L, 3L), Optional.empty()).placed()).containsOnlyKeys(2L);
    }

    @Test
    void nobodyIsPlacedInAGroupThatIsNotOnTheBench() {
        assertThatThrownBy(() -> STATE.place(List.of(1L), Optional.of(99L)))
                .isInstanceOfSatisfying(CannotBeDone.class, why -> assertThat(why.because())
                        .isEqualTo(CannotBeDone.Because.NO_SUCH_GROUP));
    }

    @Test
    void mergingMovesAllAndRemovesTheOther() {
        BenchState merged = STATE.merged(12, 11);
        assertThat(merged.groups()).containsExactly(CLOVE);
        assertThat(merged.membersOf(12)).containsExactly(1L, 2L, 3L);
        assertThatThrownBy(() -> STATE.merged(11, 11)).hasMessageContaining("SAME_GROUP");
    }

    @Test
    void aRemovedGroupLeavesItsMembersNotPlaced() {
        BenchState without = STATE.without(11);
        assertThat(without.groupOf(1)).isEmpty();
        assertThat(without.groupOf(3)).contains(12L);
    }

    @Test
    void aNameIsForOneGroupOnlyWhateverTheCase() {
        assertThatThrownBy(() -> STATE.renamed(11, "CLOVE", null)).hasMessageContaining("NAME_TAKEN CLOVE");
        assertThat(STATE.renamed(11, "REEF", null).group(11).name()).isEqualTo("REEF");
    }

    @Test
    void aNoteStaysWithItsGroupWhenItIsRenamed() {
        BenchState.Group changed = STATE.changed(11, group -> group.noted("words first"))
                .renamed(11, "Anchor", "Crabs")
                .group(11);
        assertThat(changed).isEqualTo(new BenchState.Group(11, "Anchor", 0, "words first", "Crabs", Set.of()));
    }

    @Test
    void aBenchHoldsOnlySoManyGroups() {
        BenchState state = new BenchState(List.of(), Map.of(), Set.of(), Map.of());
        for (int i = 0; i < BenchState.MOST_GROUPS; i++) {
            state = state.with(BenchState.Group.plain(i, "G" + i, 0));
        }
        BenchState full = state;
        assertThatThrownBy(() -> full.with(BenchState.Group.plain(99, "more", 0)))
                .hasMessageContaining("TOO_MANY_GROUPS");
    }

    @Test
    void aLockGoesWithTheStudentAndEndsWhereNobodyIsPlaced() {
        assertThat(STATE.place(List.of(3L), Optional.of(11L)).locked()).containsExactly(3L);
        assertThat(STATE.place(List.of(3L), Optional.empty()).locked()).isEmpty();
        assertThat(STATE.emptied().placed()).containsExactly(Map.entry(3L, 12L));
        assertThat(STATE.locked(List.of(1L), true).locked()).containsExactly(1L, 3L);
        assertThat(STATE.locked(List.of(3L), false).locked()).isEmpty();
    }

    @Test
    void aNameOfItsOwnIsLeftWhereAnotherGroupHasIt() {
        assertThat(STATE.calledIfFree(11, "Clove").group(11).name()).isEqualTo("Reef");
        assertThat(STATE.calledIfFree(11, "Tides").group(11).name()).isEqualTo("Tides");
    }

    @Test
    void aStudentInSeveralGroupsLeavesOneAndStaysInTheOthers() {
        BenchState both = STATE.placeAlso(List.of(1L, 3L), 12);
        assertThat(both.groupsOf(1)).containsExactly(11L, 12L);
        assertThat(both.groupsOf(3)).containsExactly(12L);
        assertThat(both.membersOf(12)).containsExactly(1L, 3L);
        assertThat(both.takenFrom(List.of(1L), 11).groupsOf(1)).containsExactly(12L);
        assertThat(both.without(11).groupsOf(1)).containsExactly(12L);
        assertThat(both.without(11).groupsOf(2)).isEmpty();
        assertThat(both.merged(11, 12).groupsOf(1)).containsExactly(11L);
        assertThat(both.place(List.of(1L), Optional.of(11L)).also()).isEmpty();
    }

    @Test
    void twoChangesMeetOnlyWhereBothTouchTheSame() {
        BenchChanges wren = BenchChanges.between(STATE, STATE.place(List.of(1L), Optional.of(12L)));
        BenchChanges umi = BenchChanges.between(STATE, STATE.place(List.of(2L, 1L), Optional.empty()));
        BenchChanges note = BenchChanges.between(STATE, STATE.changed(11, group -> group.noted("later")));
        BenchChanges gone = BenchChanges.between(STATE, STATE.without(11));
        assertThat(wren.inCommon(umi).students()).containsExactly(1L);
        assertThat(wren.inCommon(note).isEmpty()).isTrue();
        assertThat(note.inCommon(gone).groups()).containsExactly(11L);
        assertThat(gone.order()).isTrue();
        assertThat(BenchChanges.between(STATE, STATE.locked(List.of(1L), true)).students())
                .containsExactly(1L);
    }

    private static Scored scored(long student, double value) {
        return new Scored(new StudentId(student), value);
    }

    private static final List<Scored> VALUES = List.of(scored(1, 10), scored(2, 30), scored(3, 20), scored(9, 15));

    @Test
    void aCutDealsItsTwoNeighboursAndLeavesWhoIsLocked() {
        BenchState dealt = STATE.dealtByCut(12, 11, 15, VALUES);
        assertThat(dealt.membersOf(11)).containsExactly(2L);
        assertThat(dealt.membersOf(12)).containsExactly(1L, 3L);
        assertThat(dealt.groupOf(9)).as("in neither of the two").isEmpty();
    }

    @Test
    void aGroupIsSplitOnTheSideThatTheScoresSay() {
        assertThat(STATE.upperHalf(11, VALUES)).containsExactly(2L);
        BenchState.Group made = BenchState.Group.plain(13, "Anchor", 2);
        BenchState up = STATE.split(11, List.of(2L), made, VALUES);
        assertThat(up.groups()).containsExactly(REEF, made, CLOVE);
        assertThat(up.membersOf(13)).containsExactly(2L);
        BenchState down = STATE.split(11, List.of(1L), made, VALUES);
        assertThat(down.groups()).containsExactly(made, REEF, CLOVE);
    }

    @Test
    void somebodyStaysAndSomebodyLeavesAGroupThatIsSplit() {
        BenchState.Group made = BenchState.Group.plain(13, "Anchor", 2);
        assertThatThrownBy(() -> STATE.split(11, List.of(1L, 2L), made, VALUES))
                .hasMessageContaining("NOTHING_TO_SPLIT");
        assertThatThrownBy(() -> STATE.split(11, List.of(), made, VALUES)).hasMessageContaining("NOTHING_TO_SPLIT");
        assertThatThrownBy(() -> STATE.upperHalf(12, VALUES)).hasMessageContaining("TOO_FEW_SCORES");
    }

    @Test
    void aProposalTakesOverTheGroupsThatStandAtItsPlaces() {
        BenchState dealt = STATE.dealt(List.of(List.of(new StudentId(2)), List.of(new StudentId(1), new StudentId(3))));
        assertThat(dealt.membersOf(11)).containsExactly(2L);
        assertThat(dealt.membersOf(12)).containsExactly(1L, 3L);
        assertThat(dealt.groups()).isEqualTo(STATE.groups());
    }
}
