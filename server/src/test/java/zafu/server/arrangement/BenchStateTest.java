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
    private static final BenchState.Group REEF = new BenchState.Group(11, "Reef", 0, "");
    private static final BenchState.Group CLOVE = new BenchState.Group(12, "Clove", 1, "");
    private static final BenchState STATE =
            new BenchState(List.of(REEF, CLOVE), Map.of(1L, 11L, 2L, 11L, 3L, 12L), Set.of(3L));

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
        assertThatThrownBy(() -> STATE.renamed(11, "CLOVE")).hasMessageContaining("already");
        assertThat(STATE.renamed(11, "REEF").group(11).name()).isEqualTo("REEF");
    }

    @Test
    void aNoteStaysWithItsGroupWhenItIsRenamed() {
        BenchState.Group changed =
                STATE.noted(11, "words first").renamed(11, "Anchor").group(11);
        assertThat(changed).isEqualTo(new BenchState.Group(11, "Anchor", 0, "words first"));
    }

    @Test
    void aBenchHoldsOnlySoManyGroups() {
        BenchState state = new BenchState(List.of(), Map.of(), Set.of());
        for (int i = 0; i < BenchState.MOST_GROUPS; i++) {
            state = state.with(new BenchState.Group(i, "G" + i, 0, ""));
        }
        BenchState full = state;
        assertThatThrownBy(() -> full.with(new BenchState.Group(99, "more", 0, "")))
                .hasMessage("A bench holds at most 30 groups.");
    }

    @Test
    void newGroupsGetNamesAndLooksThatNoneHasYet() {
        List<BenchState.Group> groups = new ArrayList<>();
        Set<String> names = new HashSet<>();
        Set<Integer> looks = new HashSet<>();
        for (int i = 0; i < 8; i++) {
            BenchState.Group next =
                    new BenchState.Group(i, GroupNames.nextAfter(groups), GroupNames.nextLook(5, groups), "");
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
