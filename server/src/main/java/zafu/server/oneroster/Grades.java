package zafu.server.oneroster;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/** Grades as OneRoster writes them: KG, 01 to 12, and a few before and after. */
final class Grades {
    private static final Set<String> BEFORE = Set.of("IT", "PR", "PK", "TK", "KG", "K");

    private Grades() {}

    static Optional<Integer> of(String written) {
        String code = written.strip().toUpperCase(Locale.ROOT);
        if (BEFORE.contains(code)) {
            return Optional.of(0);
        }
        return code.matches("\\d{1,2}") && Integer.parseInt(code) <= 13
                ? Optional.of(Integer.parseInt(code))
                : Optional.empty();
    }

    static String written(int grade) {
        return grade == 0 ? "KG" : "%02d".formatted(grade);
    }
}
