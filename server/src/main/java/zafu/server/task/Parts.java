package zafu.server.task;

import java.util.Arrays;
import java.util.Collection;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zafu.core.schedule.Setting;
import zafu.core.schedule.TermPart;

/** Which terms a row sets, written as their names with commas between. */
final class Parts {
    private Parts() {}

    static Set<TermPart> read(String written) {
        return Arrays.stream(written.split(","))
                .filter(name -> !name.isEmpty())
                .map(TermPart::valueOf)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(TermPart.class)));
    }

    static String written(Collection<TermPart> parts) {
        return parts.stream().distinct().sorted().map(TermPart::name).collect(Collectors.joining(","));
    }

    /** A null that is set means that there is none. */
    static <T> Setting<T> setting(boolean set, @Nullable T value) {
        if (!set) {
            return Setting.leaves();
        }
        return value == null ? Setting.none() : Setting.to(value);
    }
}
