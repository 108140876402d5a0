package zafu.server.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zafu.core.grouping.Contradiction;
import zafu.core.grouping.Rules;
import zafu.core.roster.StudentId;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

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
                .isInstanceOf(Refusal.class)
                .hasMessage("There is no such group here.");
    }

    @Test
    void mergingMovesAllAndRemovesTheOther() {
        BenchState merged = STATE.merged(12, 11);
        assertThat(merged.groups()).containsExactly(CLOVE);
        assertThat(merged.membersOf(12)).containsExactly(1L, 2L, 3L);
        assertThatThrownBy(() -> STATE.merged(11, 11)).hasMessageContaining("with itself");
    }

    @Test
    void aRemovedGroupLeavesItsMembersNotPlaced() {
        BenchState without = STATE.without(11);
        assertThat(without.groupOf(1)).isEmpty();
        assertThat(without.groupOf(3)).contains(12L);
    }

    @Test
    void aNameIsForOneGroupOnlyWhateverTheCase() {
        assertThatThrownBy(() -> STATE.renamed(11, "CLOVE", null)).hasMessageContaining("already");
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
                .hasMessage("A bench holds at most 30 groups.");
    }

    @Test
    void newGroupsGetNamesAndLooksThatNoneHasYet() {
        List<BenchState.Group> groups = new ArrayList<>();
        Set<String> names = new HashSet<>();
        Set<Integer> looks = new HashSet<>();
        for (int i = 0; i < 8; i++) {
            BenchState.Group next =
                    BenchState.Group.plain(i, GroupNames.nextAfter(groups), GroupNames.nextLook(5, groups));
            names.add(next.name());
            looks.add(next.look());
            groups.add(next);
        }
        assertThat(names).hasSize(8);
        assertThat(looks).containsExactlyInAnyOrder(0, 1, 2, 3, 4, 5, 6, 7);
        assertThat(GroupNames.nextAfter(groups)).isEqualTo("Group 9");
    }

    @Test
    void theFirstLookDiffersFromArrangementToArrangement() {
        assertThat(GroupNames.nextLook(1, List.of())).isNotEqualTo(GroupNames.nextLook(2, List.of()));
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

    private static final StudentId IVO = new StudentId(1);
    private static final StudentId WREN = new StudentId(2);
    private static final StudentId UMI = new StudentId(3);
    private static final ContradictionWords WORDS = new ContradictionWords(Map.of(
            IVO, new Roster.StudentName(1, "Ivo", "O'Dunmore", 5),
            WREN, new Roster.StudentName(2, "Wren", "Tolliver", 5),
            UMI, new Roster.StudentName(3, "Umi", "Ilves", 5)));

    @Test
    void everyContradictionHasWordsThatSayWhatToDo() {
        assertThat(WORDS.of(new Contradiction.TooFewSeats(26, 4, 6, 24)))
                .isEqualTo("26 students do not fit in 4 groups of at most 6: there are 24 seats."
                        + " Raise the largest size or take more groups.");
        assertThat(WORDS.of(new Contradiction.TooFewStudents(5, 1, 6, 6)))
                .startsWith("5 students cannot fill 1 group of at least 6");
        assertThat(WORDS.of(new Contradiction.NoBands())).contains("similar scores instead");
        assertThat(WORDS.of(new Contradiction.NobodyToPlace())).contains("Bring it in");
        assertThat(WORDS.of(new Contradiction.TogetherAndApart(IVO, WREN, false)))
                .isEqualTo("Ivo and Wren must be together and must be apart. One of the two notes has to go.");
        assertThat(WORDS.of(new Contradiction.TogetherButLockedApart(IVO, WREN)))
                .isEqualTo("Ivo and Wren must be together but are locked in different groups.");
        assertThat(WORDS.of(new Contradiction.TooManyTogether(Set.of(UMI, WREN, IVO), 2)))
                .isEqualTo("Ivo, Wren and Umi must be together, but a group takes at most 2.");
        assertThat(WORDS.of(new Contradiction.TooManyApart(List.of(IVO, WREN, UMI), 2)))
                .isEqualTo(
                        "Ivo, Wren and Umi must all be apart from each other. That takes 3 groups, and there are 2.");
        Rules clash =
                new Rules(Map.of(IVO, 0), List.of(Set.of(WREN, UMI)), List.of(new Rules.Pair(IVO, WREN)), List.of());
        assertThat(WORDS.of(new Contradiction.RulesClash(clash)))
                .isEqualTo("These cannot all hold: Ivo is locked; Wren and Umi must be together; Ivo and Wren must be"
                        + " apart.");
    }
}
