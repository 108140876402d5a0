package zafu.server.attempt;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;

/** Numbers with commas between. */
final class Flags {
    private Flags() {}

    static String written(List<Long> questions) {
        return questions.stream().distinct().map(String::valueOf).collect(Collectors.joining(","));
    }

    static List<Long> read(String written) {
        return written.isEmpty()
                ? List.of()
                : Arrays.stream(written.split(",")).map(Long::valueOf).toList();
    }
}
