package zafu.server.calendar;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.Arrangements;
import zafu.server.plan.LedSessions;
import zafu.server.roster.Roster;
import zafu.server.task.Tasks;

/** What stands in a student's calendar: their own work by the title they see, and nothing that names a group. */
@Component
class StudentEntries {
    private static final int DAYS_BACK = 60;
    private final Tasks tasks;
    private final LedSessions sessions;
    private final Arrangements arrangements;
    private final Roster roster;
    private final Clock clock;

    StudentEntries(Tasks tasks, LedSessions sessions, Arrangements arrangements, Roster roster, Clock clock) {
        this.tasks = tasks;
        this.sessions = sessions;
        this.arrangements = arrangements;
        this.roster = roster;
        this.clock = clock;
    }

    List<Entry> of(long studentId) {
        StudentId student = new StudentId(studentId);
        List<Entry> entries = new ArrayList<>();
        Set<Long> seen = new TreeSet<>();
        Set<Long> groups = new TreeSet<>(arrangements.groupsOfStudent(studentId));
        Instant from = clock.instant().minus(DAYS_BACK, ChronoUnit.DAYS);
        for (long classId : roster.classesOf(studentId)) {
            for (Tasks.TaskForClass task : tasks.handedOut(classId)) {
                Tasks.Given given = task.given().get(student);
                if (given != null && seen.add(task.taskId())) {
                    add(entries, task.taskId(), given);
                }
            }
            sessions.ofClass(classId, from).stream()
                    .filter(each ->
                            each.groups().isEmpty() || each.groups().stream().anyMatch(groups::contains))
                    .forEach(each -> entries.add(new Entry(
                            "mine-session-" + each.id(),
                            each.begins(),
                            each.begins().plusSeconds(60L * each.minutes()),
                            inWords("everyone.at-the-table"),
                            "")));
        }
        return entries;
    }

    private static void add(List<Entry> entries, long taskId, Tasks.Given given) {
        String key = "mine-" + taskId;
        given.terms()
                .opens()
                .ifPresent(at -> entries.add(new Entry(
                        key + "-opens", at, null, inWords("everyone.calendar-opens", "title", given.title()), "")));
        given.terms()
                .due()
                .ifPresent(at -> entries.add(new Entry(
                        key + "-due", at, null, inWords("everyone.calendar-due", "title", given.title()), "")));
    }
}
