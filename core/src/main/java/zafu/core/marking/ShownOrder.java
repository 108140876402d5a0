package zafu.core.marking;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/** The order in which parts are shown that the student is to sort or match: the same each time, and never the right one. */
public final class ShownOrder {
    private ShownOrder() {}

    /** @return the places 0 to size − 1, shuffled by the seed; of two or more at least two are moved */
    public static List<Integer> of(int size, long seed) {
        List<Integer> inOrder = IntStream.range(0, size).boxed().toList();
        List<Integer> shuffled = new ArrayList<>(inOrder);
        Collections.shuffle(shuffled, new Random(seed));
        if (size > 1 && shuffled.equals(inOrder)) {
            Collections.rotate(shuffled, 1);
        }
        return List.copyOf(shuffled);
    }
}
