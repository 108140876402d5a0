package zafu.server.task;

import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import org.jspecify.annotations.Nullable;
import zafu.core.schedule.SchoolCalendar;
import zafu.server.roster.SchoolSettings;

/** Three dates that keep their distance in teaching days, and their times of day, when the first is moved. */
record Dates(@Nullable Instant opens, @Nullable Instant due, @Nullable Instant closes, SchoolSettings school) {
    /** When work of one day is expected unless something else is said. */
    private static final LocalTime END_OF_DAY = LocalTime.of(15, 0);

    Dates openingAt(Instant moment) {
        return opens == null
                ? new Dates(moment, due, closes, school)
                : new Dates(moment, following(opens, moment, due), following(opens, moment, closes), school);
    }

    /**
     * Opening on a day at the same time as before, or being due on it where there is no day to open.
     *
     * @param opensOn from when, where there was no date at all: then it is for that day alone
     */
    Dates onDay(LocalDate day, LocalDateTime opensOn) {
        if (opens != null) {
            return openingAt(school.moment(day.atTime(school.local(opens).toLocalTime())));
        }
        if (due != null) {
            Instant moved = school.moment(day.atTime(school.local(due).toLocalTime()));
            return new Dates(null, moved, following(due, moved, closes), school);
        }
        return new Dates(school.moment(opensOn), school.moment(day.atTime(END_OF_DAY)), closes, school);
    }

    private @Nullable Instant following(Instant from, Instant moved, @Nullable Instant other) {
        if (other == null) {
            return null;
        }
        SchoolCalendar calendar = school.calendar();
        LocalDateTime local = school.local(other);
        LocalDate before = school.local(from).toLocalDate();
        int days = calendar.teachingDays(before.plusDays(1), local.toLocalDate());
        LocalDate begin = school.local(moved).toLocalDate();
        LocalDate day =
                days == 0 ? begin : calendar.plusTeachingDays(begin, days).orElse(begin);
        return school.moment(day.atTime(local.toLocalTime()));
    }
}
