package zafu.core.marking;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Which options are left for a student who is given fewer of them. Rule 6. */
public final class FewerChoices {
    private FewerChoices() {}

    /**
     * The right options all stay. Of the others those the teacher marked to leave out go first, in their order, then the
     * last ones, until {@code wanted} are left. Nothing is left out of as many or fewer.
     *
     * @param size how many options there are
     * @param right places of the right ones
     * @param leaveOutFirst places that the teacher marked
     * @return places of what is left, ascending
     */
    public static List<Integer> keep(int size, Set<Integer> right, Collection<Integer> leaveOutFirst, int wanted) {
        List<Integer> goes = new ArrayList<>();
        leaveOutFirst.stream().filter(place -> !right.contains(place)).forEach(goes::add);
        for (int place = size - 1; place >= 0; place--) {
            if (!right.contains(place) && !goes.contains(place)) {
                goes.add(place);
            }
        }
        int toLeaveOut = Math.min(goes.size(), Math.max(0, size - Math.max(wanted, right.size() + 1)));
        Set<Integer> kept = new TreeSet<>();
        for (int place = 0; place < size; place++) {
            kept.add(place);
        }
        kept.removeAll(Set.copyOf(goes.subList(0, toLeaveOut)));
        return List.copyOf(kept);
    }
}
