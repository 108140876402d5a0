package zafu.server.arrangement;

import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import zafu.core.bench.BenchState;
import zafu.server.platform.Refusal;

class BenchRefusalTest {
    private static final BenchState EMPTY = new BenchState(List.of(), Map.of(), Set.of(), Map.of());

    @Test
    void aGroupThatIsGoneIsRefusedInASentenceWhoeverAsks() {
        assertThatThrownBy(() -> BenchDeeds.refusing(() -> EMPTY.group(99)))
                .isInstanceOf(Refusal.class)
                .hasMessage("There is no such group here.");
        assertThatThrownBy(() -> BenchDeeds.refusing(() -> EMPTY.locked(List.of(1L), true)))
                .isInstanceOf(Refusal.class)
                .hasMessage("Only who is in a group can be locked there.");
    }
}
