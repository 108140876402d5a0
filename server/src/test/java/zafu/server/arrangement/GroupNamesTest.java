package zafu.server.arrangement;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zafu.core.bench.BenchState;

class GroupNamesTest {
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
}
