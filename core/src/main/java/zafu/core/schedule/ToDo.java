package zafu.core.schedule;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Optional;

/** Where work that was not begun stands in a student's day. */
public enum ToDo {
    /** Open, and due by the end of the next teaching day, overdue, or due on no day. */
    NOW,
    /** Open, and there is time. */
    NEXT,
    /** Not open yet. */
    LATER,
    /** Nothing is taken any more. */
    CLOSED;

    public static ToDo at(Instant moment, Terms.ForStudent terms, SchoolCalendar calendar, ZoneId zone) {
        if (terms.isClosedAt(moment)) {
            return CLOSED;
        }
        if (!terms.isOpenAt(moment)) {
            return LATER;
        }
        LocalDate today = LocalDate.ofInstant(moment, zone);
        Optional<LocalDate> soon = calendar.plusTeachingDays(today, 1);
        Optional<LocalDate> due = terms.due().map(each -> LocalDate.ofInstant(each, zone));
        boolean thereIsTime = due.isPresent() && soon.isPresent() && due.get().isAfter(soon.get());
        return thereIsTime ? NEXT : NOW;
    }
}
