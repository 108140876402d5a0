package zafu.server.roster;

import static zafu.server.platform.Words.keptWords;

import java.time.DayOfWeek;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;
import zafu.server.roster.ClassTimesApi.Meeting;
import zafu.server.roster.ClassTimesApi.Times;

/** When a class meets, and how many minutes of work a day may hold. */
@Service
public class ClassTimes {
    /** When a class is not said to meet: work opens as the school day begins. */
    private static final LocalTime MORNING = LocalTime.of(9, 0);

    private final MeetingTimeRepository meetings;
    private final SchoolClassRepository classes;
    private final ClassPermission permission;
    private final AuditTrail audit;

    ClassTimes(
            MeetingTimeRepository meetings,
            SchoolClassRepository classes,
            ClassPermission permission,
            AuditTrail audit) {
        this.meetings = meetings;
        this.classes = classes;
        this.permission = permission;
        this.audit = audit;
    }

    @Transactional(readOnly = true)
    Times shown(long classId) {
        permission.requireSee(classId);
        return new Times(minutesPerDay(classId), of(classId));
    }

    @Transactional
    Times change(long classId, Times wanted) {
        permission.requireChange(classId);
        SchoolClass schoolClass = classes.findById(classId).orElseThrow(() -> Refusal.notFound("class"));
        schoolClass.minutesPerDay = wanted.minutesPerDay();
        meetings.deleteByClassId(classId);
        meetings.flush();
        wanted.meetings().forEach(each -> meetings.save(row(classId, each)));
        audit.note(
                classId,
                "class.times",
                classId,
                keptWords(
                        "roster.meetings-in-a-week", "count", wanted.meetings().size()));
        return new Times(schoolClass.minutesPerDay, of(classId));
    }

    private static MeetingTime row(long classId, Meeting wanted) {
        MeetingTime row = new MeetingTime();
        row.classId = classId;
        row.weekday = wanted.weekday().getValue();
        row.beginsAt = wanted.at();
        row.minutes = wanted.minutes();
        row.name = wanted.name().strip();
        return row;
    }

    /** In the order of the week. */
    public List<Meeting> of(long classId) {
        return meetings.findByClassIdOrderByWeekdayAscBeginsAtAsc(classId).stream()
                .map(each -> new Meeting(DayOfWeek.of(each.weekday), each.beginsAt, each.minutes, each.name))
                .toList();
    }

    /** When work of a weekday opens unless something else is said: as the class first meets. */
    public static LocalTime firstMeeting(List<Meeting> meetings, DayOfWeek day) {
        Optional<LocalTime> first = meetings.stream()
                .filter(each -> each.weekday() == day)
                .map(Meeting::at)
                .findFirst();
        return first.orElse(MORNING);
    }

    /** From how many minutes on a day is too full. */
    public int minutesPerDay(long classId) {
        return classes.findById(classId).orElseThrow(() -> Refusal.notFound("class")).minutesPerDay;
    }
}
