package zafu.core.schedule;

import java.time.LocalDate;

/** A stretch of school days, both ends included. */
public record Term(LocalDate from, LocalDate to) {
    public Term {
        if (to.isBefore(from)) {
            throw new IllegalArgumentException("a term cannot end on " + to + ", before it begins on " + from);
        }
    }

    boolean contains(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
