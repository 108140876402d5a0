package zafu.core.measure;

import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;

/**
 * The scale of a measure with ordered levels. Rule 1: a level's number is its place in the list, from 0.
 *
 * @param levels names, lowest first, at least two and no two alike whatever their case
 */
public record LevelScale(List<String> levels) {
    public LevelScale {
        levels = levels.stream().map(String::strip).toList();
        if (levels.size() < 2) {
            throw new IllegalArgumentException(levels.size() + " levels make no scale: it needs two at least");
        }
        Set<String> seen = new HashSet<>();
        for (String level : levels) {
            if (level.isEmpty() || !seen.add(plain(level))) {
                throw new IllegalArgumentException("level \"" + level + "\" is blank or there twice");
            }
        }
    }

    /** The number of a level as a person typed it: its name in any case; empty where no level is called that. */
    public OptionalInt placeOf(String typed) {
        String wanted = plain(typed);
        for (int place = 0; place < levels.size(); place++) {
            if (plain(levels.get(place)).equals(wanted)) {
                return OptionalInt.of(place);
            }
        }
        return OptionalInt.empty();
    }

    /** The levels as numbers, for everything that computes: 0 to one less than there are, whole numbers. */
    public NumericScale asNumbers() {
        return new NumericScale(0, levels.size() - 1, 0, Better.HIGHER, OptionalDouble.empty());
    }

    private static String plain(String level) {
        return level.strip().toLowerCase(Locale.ROOT);
    }
}
