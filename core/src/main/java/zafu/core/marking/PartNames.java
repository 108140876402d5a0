package zafu.core.marking;

import java.math.BigInteger;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalInt;
import java.util.stream.IntStream;

/**
 * What a student's page calls the parts that are to be put in order or matched, and in which order it shows them. The place
 * of such a part is the answer, so the page must not know it: names are numbers that say nothing, others in every attempt,
 * the same each time within one, and a part keeps its name when others are added or removed. Rule 6.
 */
public final class PartNames {
    private final List<Integer> names;
    private final List<Integer> order;

    private PartNames(List<Integer> names, List<Integer> order) {
        this.names = List.copyOf(names);
        this.order = List.copyOf(order);
    }

    /**
     * @param secret of the attempt; whoever knows it can work out the places
     * @param size how many parts the question has
     */
    public static PartNames of(String secret, long question, int size) {
        List<Integer> names = new ArrayList<>();
        for (int place = 0; place < size; place++) {
            int again = 0;
            int name = name(secret, question, place, again);
            while (names.contains(name)) {
                name = name(secret, question, place, ++again);
            }
            names.add(name);
        }
        List<Integer> order = new ArrayList<>(IntStream.range(0, size).boxed().toList());
        // The right order comes up like any other: an order that never did would be told by what is missing.
        order.sort(Comparator.comparing(names::get));
        return new PartNames(names, order);
    }

    /** For adults, who may know: each part is called by its place, and they stand shuffled all the same. */
    public static PartNames places(long question, int size) {
        return new PartNames(IntStream.range(0, size).boxed().toList(), of("", question, size).order);
    }

    private static int name(String secret, long question, int place, int again) {
        String all = secret + ' ' + question + ' ' + place + ' ' + again;
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            all.chars().forEach(letter -> {
                digest.update((byte) (letter >> 8));
                digest.update((byte) letter);
            });
            return new BigInteger(1, digest.digest()).intValue() & Integer.MAX_VALUE;
        } catch (NoSuchAlgorithmException everyJavaHasIt) {
            throw new IllegalStateException(everyJavaHasIt);
        }
    }

    /** Places, as they are shown. */
    public List<Integer> order() {
        return order;
    }

    public int nameOf(int place) {
        return names.get(place);
    }

    /** The place of the part with this name; empty where there is none. */
    public OptionalInt placeOf(int name) {
        int place = names.indexOf(name);
        return place < 0 ? OptionalInt.empty() : OptionalInt.of(place);
    }
}
