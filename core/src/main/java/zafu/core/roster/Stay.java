package zafu.core.roster;

import java.time.LocalDate;
import java.util.Optional;

/**
 * When somebody is in a class, as the school's list says: from and to a day, both included. A day that is not given is no
 * bound.
 */
public record Stay(Optional<LocalDate> from, Optional<LocalDate> to) {
    /** What a stay is on a day. */
    public enum When {
        TO_COME,
        NOW,
        OVER
    }

    public When on(LocalDate day) {
        if (to.isPresent() && to.get().isBefore(day)) {
            return When.OVER;
        }
        return from.isPresent() && from.get().isAfter(day) ? When.TO_COME : When.NOW;
    }
}
