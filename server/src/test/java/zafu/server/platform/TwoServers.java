package zafu.server.platform;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;

/** Two servers in one room: what one tells, the other hears at once. */
public final class TwoServers {
    private final Side one = new Side();
    private final Side two = new Side();

    public TwoServers() {
        one.other = two;
        two.other = one;
    }

    public OtherServers one() {
        return one;
    }

    public OtherServers two() {
        return two;
    }

    /** As after the line was cut for a while. */
    public void twoMayHaveMissedSomething() {
        two.listeners.values().forEach(all -> all.forEach(each -> each.accept(OtherServers.MISSED)));
    }

    private static final class Side implements OtherServers {
        private final Map<String, List<Consumer<String>>> listeners = new HashMap<>();
        private Side other;

        @Override
        public void tell(String topic, String words) {
            other.listeners.getOrDefault(topic, List.of()).forEach(each -> each.accept(words));
        }

        @Override
        public void hear(String topic, Consumer<String> listener) {
            listeners.computeIfAbsent(topic, key -> new ArrayList<>()).add(listener);
        }
    }
}
