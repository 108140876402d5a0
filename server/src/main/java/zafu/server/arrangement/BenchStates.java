package zafu.server.arrangement;

import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import zafu.core.bench.BenchState;
import zafu.server.platform.StoredJson;

/** Benches as steps keep them. */
@Component
class BenchStates {
    private final StoredJson<BenchState> stored;

    BenchStates(JsonMapper json) {
        stored = new StoredJson<>(json, BenchState.class, List.of(BenchStates::withAllParts));
    }

    /** Steps without a number may be from before there were locks, students in several groups, and who leads a group. */
    private static ObjectNode withAllParts(ObjectNode state) {
        state.withArrayProperty("locked");
        state.withObjectProperty("also");
        state.get("groups").forEach(group -> ((ObjectNode) group).withArrayProperty("leads"));
        return state;
    }

    String write(BenchState state) {
        return stored.write(state);
    }

    BenchState read(String text) {
        return stored.read(text);
    }
}
