package zafu.server.arrangement;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;
import zafu.core.bench.BenchState;

/** Steps that were kept by an older program can be undone by every newer one. */
class BenchStatesTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final BenchStates KEPT = new BenchStates(JSON);

    @Test
    void everyFormatThatWasEverKeptIsRead() {
        String before =
                """
                {"groups":[{"id":11,"name":"Reef","look":3,"note":"words first"}],"placed":{"1":11}}""";
        BenchState.Group reef = new BenchState.Group(11, "Reef", 3, "words first", null, Set.of());
        assertThat(KEPT.read(before)).isEqualTo(new BenchState(List.of(reef), Map.of(1L, 11L), Set.of(), Map.of()));
        String unnumbered =
                """
                {"groups":[{"id":11,"name":"Reef","look":3,"note":"","studentName":"Crabs","leads":[7]}],
                 "placed":{"1":11,"2":11},"locked":[2],"also":{"1":[12]}}""";
        BenchState.Group crabs = new BenchState.Group(11, "Reef", 3, "", "Crabs", Set.of(7L));
        BenchState all = new BenchState(List.of(crabs), Map.of(1L, 11L, 2L, 11L), Set.of(2L), Map.of(1L, Set.of(12L)));
        assertThat(KEPT.read(unnumbered)).isEqualTo(all);
        String first =
                """
                {"format":1,"groups":[{"id":11,"name":"Reef","look":3,"note":"","studentName":"Crabs","leads":[7]}],
                 "placed":{"1":11,"2":11},"locked":[2],"also":{"1":[12]}}""";
        assertThat(KEPT.read(first)).isEqualTo(all);
        assertThat(JSON.readTree(KEPT.write(all))).as("what is written today").isEqualTo(JSON.readTree(first));
    }

    @Test
    void aNewerFormatIsNotGuessedAt() {
        assertThatThrownBy(() -> KEPT.read("{\"format\":99,\"groups\":[],\"placed\":{}}"))
                .hasMessageContaining("format 99");
    }

    @Test
    void everyKindOfStepHasItsCommand() {
        assertThat(Arrays.stream(BenchCommand.class
                                .getAnnotation(com.fasterxml.jackson.annotation.JsonSubTypes.class)
                                .value())
                        .map(each -> each.name()))
                .containsExactlyInAnyOrderElementsOf(Arrays.stream(BenchCommand.Kind.values())
                        .map(Enum::name)
                        .toList());
    }
}
