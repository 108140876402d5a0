package zafu.core.schedule;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Optional;

/** How many minutes of work a day holds for one student. Rule 4, load. */
public final class Load {
    private final SchoolCalendar calendar;
    private final LocalDate today;

    public Load(SchoolCalendar calendar, LocalDate today) {
        this.calendar = calendar;
        this.today = today;
    }

    /**
     * One task that the student has to do; what is excused, handed in or no longer taken is none.
     *
     * @param minutes with the student's factor, rounded up
     * @param opens empty when it is open already
     * @param due empty when it is expected on no day: then it weighs on the day on which it can be begun
     */
    public record OpenWork(int minutes, Optional<LocalDate> opens, Optional<LocalDate> due) {}

    /**
     * Minutes on a day: each task open that day in equal parts over the teaching days from the later of opens and today to
     * due, and what is led by a teacher. What is overdue weighs whole on today. A day that is past is looked at as it
     * began; a day without lessons has none.
     *
     * @param ledMinutes teacher-led minutes of the day
     */
    public double on(LocalDate day, Collection<OpenWork> works, int ledMinutes) {
        if (!calendar.isTeachingDay(day)) {
            return 0;
        }
        return works.stream().mapToDouble(work -> shareOn(day, work)).sum() + ledMinutes;
    }

    private double shareOn(LocalDate day, OpenWork work) {
        boolean overdue = work.due().filter(today::isAfter).isPresent();
        if (overdue && !day.isBefore(today)) {
            return day.equals(today) ? work.minutes() : 0;
        }
        LocalDate now = today.isBefore(day) ? today : day;
        LocalDate begins = work.opens().filter(opens -> opens.isAfter(now)).orElse(now);
        LocalDate ends = work.due().orElse(begins);
        if (day.isBefore(begins) || day.isAfter(ends)) {
            return 0;
        }
        int days = calendar.teachingDays(begins, ends);
        return days == 0 ? 0 : (double) work.minutes() / days;
    }
}
