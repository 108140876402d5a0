package zafu.core.roster;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/**
 * Whether two names could be one person's: a part of one is a part of the other, give or take an accent, a letter or a
 * short form. A child who got a new family name is still alike; another child with the same number is not.
 */
public final class NamesAlike {
    private static final int SHORTEST_SHORT_FORM = 3;
    private static final int SHORTEST_WITH_A_SLIP = 4;

    private NamesAlike() {}

    /** @param other may hold more than one way in which the person is called */
    public static boolean couldBeOne(String one, String other) {
        List<String> parts = parts(one);
        List<String> others = parts(other);
        return parts.stream().anyMatch(part -> others.stream().anyMatch(each -> alike(part, each)));
    }

    private static List<String> parts(String name) {
        String folded = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT);
        return Arrays.stream(folded.split("[^\\p{L}\\p{N}]+"))
                .filter(part -> !part.isEmpty())
                .toList();
    }

    private static boolean alike(String one, String other) {
        if (one.equals(other)) {
            return true;
        }
        String shorter = one.length() <= other.length() ? one : other;
        String longer = shorter.equals(one) ? other : one;
        return shorter.length() >= SHORTEST_SHORT_FORM && longer.startsWith(shorter)
                || shorter.length() >= SHORTEST_WITH_A_SLIP && differByOneSlip(shorter, longer);
    }

    /** One letter too many, one another, or two the wrong way round. */
    private static boolean differByOneSlip(String shorter, String longer) {
        int same = 0;
        while (same < shorter.length() && shorter.charAt(same) == longer.charAt(same)) {
            same++;
        }
        String restOfShorter = shorter.substring(same);
        String restOfLonger = longer.substring(same);
        if (shorter.length() + 1 == longer.length()) {
            return restOfLonger.substring(1).equals(restOfShorter);
        }
        boolean another = shorter.length() == longer.length()
                && restOfShorter.substring(1).equals(restOfLonger.substring(1));
        boolean swapped = shorter.length() == longer.length()
                && restOfShorter.length() > 1
                && restOfShorter.charAt(0) == restOfLonger.charAt(1)
                && restOfShorter.charAt(1) == restOfLonger.charAt(0)
                && restOfShorter.substring(2).equals(restOfLonger.substring(2));
        return another || swapped;
    }
}
