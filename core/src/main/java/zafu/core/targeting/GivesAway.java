package zafu.core.targeting;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;

/** Whether what students see says which version of a task they have. Rule 3. */
public final class GivesAway {
    private static final int SHORTEST = 3;

    private GivesAway() {}

    /**
     * The names among staff that occur as words of their own in what students see, whatever the case; in the order given.
     * A task without versions has nothing to give away, and the first version, what all share, is no secret.
     *
     * @param seen by students: titles of the work and of what there is to read
     * @param staffNames of the versions, the first one's first
     */
    public static List<String> names(Collection<String> seen, List<String> staffNames) {
        return staffNames.stream()
                .skip(1)
                .map(String::strip)
                .filter(name -> name.length() >= SHORTEST)
                .filter(name -> seen.stream().anyMatch(title -> holds(title, name)))
                .distinct()
                .toList();
    }

    private static boolean holds(String title, String name) {
        String word = "(?<![\\p{L}\\p{N}])" + Pattern.quote(name.toLowerCase(Locale.ROOT)) + "(?![\\p{L}\\p{N}])";
        return Pattern.compile(word).matcher(title.toLowerCase(Locale.ROOT)).find();
    }
}
