package zafu.server.mark;

import java.time.Instant;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.core.mark.InSum;
import zafu.core.mark.Mark;
import zafu.core.mark.MarkItem;
import zafu.core.roster.StudentId;
import zafu.core.schedule.SchoolCalendar;
import zafu.core.work.InMark;
import zafu.core.work.Where;
import zafu.core.work.WorkStanding;
import zafu.server.attempt.SaidOfWork;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.attempt.WorkNotes.WorkOf;
import zafu.server.library.Library;
import zafu.server.mark.MarkSettings.TaskCounting;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Aids;
import zafu.server.task.Tasks;
import zafu.server.task.Tasks.TaskForClass;

/** Adds up the work of students of a class. Rule 6; permission is the caller's to check. */
@Service
public class Marks {
    private final Library library;
    private final SchoolSettings school;

    Marks(Library library, SchoolSettings school) {
        this.library = library;
        this.school = school;
    }

    /**
     * All that marks of a class come from.
     *
     * @param tries at these tasks, in the order in which they were begun
     * @param said of work at these tasks
     */
    public record Work(
            MarkSettings.Settings settings,
            List<TaskForClass> tasks,
            List<TryShown> tries,
            Map<WorkOf, SaidOfWork> said) {}

    /**
     * The try that counts and what lateness took.
     *
     * @param number of the try, absent where none counts
     * @param daysLate teaching days after the due day
     * @param percentOff what they cost
     */
    public record Counted(@Nullable Integer number, int daysLate, int percentOff) {
        static final Counted NONE = new Counted(null, 0, 0);
    }

    /** @param counted by task */
    public record StudentMark(Mark mark, Map<Long, Counted> counted) {}

    /** The marks of these students as they stood at a moment; the settings and who was given what are those of now. */
    public Map<StudentId, StudentMark> of(Work work, Collection<StudentId> students, Instant at) {
        Reckoning reckoning = new Reckoning(work, at, pointsOf(work), school.calendar(), school.zone());
        Map<StudentId, StudentMark> marks = new LinkedHashMap<>();
        students.forEach(student -> marks.put(student, reckoning.of(student)));
        return marks;
    }

    private Map<Long, Integer> pointsOf(Work work) {
        Map<Long, List<Long>> byVersion = new HashMap<>();
        work.tasks()
                .forEach(task ->
                        task.given().values().forEach(each -> byVersion.put(each.versionId(), each.questions())));
        Set<Long> asked = byVersion.values().stream().flatMap(List::stream).collect(Collectors.toSet());
        return asked.isEmpty() ? Map.of() : library.pointsOf(asked);
    }

    /** One adding up for a whole class. */
    private static final class Reckoning {
        private final Work work;
        private final Instant at;
        private final Map<Long, Integer> points;
        private final SchoolCalendar calendar;
        private final ZoneId zone;
        private final WorkOfClass all;
        private final Map<Long, Double> mostGiven = new HashMap<>();
        private final Map<Asked, Integer> pointsOfVersion = new HashMap<>();

        /** What is the same for all who are given one version and asked as much of it. */
        private record Asked(long versionId, @Nullable Integer percent) {}

        Reckoning(Work work, Instant at, Map<Long, Integer> points, SchoolCalendar calendar, ZoneId zone) {
            this.work = work;
            this.at = at;
            this.points = points;
            this.calendar = calendar;
            this.zone = zone;
            all = new WorkOfClass(work);
            work.tries().stream()
                    .filter(each -> each.possible() != null)
                    .forEach(each -> mostGiven.merge(each.taskId(), each.possible(), Math::max));
        }

        StudentMark of(StudentId student) {
            List<MarkItem> items = new ArrayList<>();
            Map<Long, Counted> counted = new LinkedHashMap<>();
            for (TaskForClass task : work.tasks()) {
                WorkStanding<TryShown> standing = all.standing(task, student, at);
                if (standing.where() != Where.NOT_GIVEN) {
                    items.add(item(task, task.given().get(student), standing, counted));
                }
            }
            return new StudentMark(
                    Mark.of(work.settings().weighted(), work.settings().missingIsZero(), items), counted);
        }

        private MarkItem item(
                TaskForClass task,
                Tasks.@Nullable Given given,
                WorkStanding<TryShown> standing,
                Map<Long, Counted> counted) {
            TaskCounting how = work.settings().of(task.taskId());
            double possible = standing.result()
                    .map(each -> each.possible() == null ? 0 : each.possible())
                    .orElseGet(() -> possible(task, given));
            return new MarkItem(
                    task.taskId(),
                    how.categoryId(),
                    possible,
                    entering(task.taskId(), given, standing, counted),
                    how.counts());
        }

        private InSum entering(
                long taskId, Tasks.@Nullable Given given, WorkStanding<TryShown> standing, Map<Long, Counted> counted) {
            if (standing.where() == Where.EXCUSED) {
                return new InSum.Excused();
            }
            if (standing.inMark() == InMark.RESULT) {
                TryShown result = standing.result().orElseThrow();
                int daysLate = given == null ? 0 : daysLate(given, result);
                int off = work.settings().late().percent(daysLate);
                counted.put(taskId, new Counted(result.number(), daysLate, off));
                double earned = result.earned() == null ? 0 : result.earned();
                return new InSum.Marked(work.settings().late().left(earned, daysLate));
            }
            counted.put(taskId, Counted.NONE);
            if (standing.where().isMissing()) {
                return new InSum.Missing();
            }
            boolean waits = standing.where().isHandedIn() || standing.where() == Where.TO_DO_AGAIN;
            return waits ? new InSum.Waiting() : new InSum.Open();
        }

        /** What could be earned where nothing is marked yet: the points of the questions, else what others were given. */
        private double possible(TaskForClass task, Tasks.@Nullable Given given) {
            int asked = given == null
                    ? 0
                    : pointsOfVersion.computeIfAbsent(
                            new Asked(given.versionId(), given.aids().percentOfQuestions()), of -> pointsOf(given));
            return asked > 0 ? asked : mostGiven.getOrDefault(task.taskId(), 0.0);
        }

        private int pointsOf(Tasks.Given given) {
            return Aids.kept(given.questions(), given.aids().percentOfQuestions()).stream()
                    .mapToInt(id -> points.getOrDefault(id, 0))
                    .sum();
        }

        private int daysLate(Tasks.Given given, TryShown of) {
            Instant handedIn = of.handedInAt();
            return handedIn == null
                    ? 0
                    : given.terms()
                            .due()
                            .map(due -> calendar.daysLate(due, handedIn, zone))
                            .orElse(0);
        }
    }
}
