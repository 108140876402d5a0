package zafu.server.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zafu.core.grouping.Contradiction;
import zafu.core.grouping.Rules;
import zafu.core.roster.StudentId;
import zafu.server.roster.Roster;

class ContradictionWordsTest {
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
        assertThat(WORDS.of(new Contradiction.NobodyToPlace())).contains("Import it");
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
