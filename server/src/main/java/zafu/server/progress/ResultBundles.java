package zafu.server.progress;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.mark.Mark;
import zafu.core.roster.StudentId;
import zafu.server.attempt.Tries.TryShown;
import zafu.server.attempt.WorkNotes.WorkOf;
import zafu.server.mark.MarkSettings;
import zafu.server.mark.Marks;
import zafu.server.oneroster.BundleZip;
import zafu.server.progress.MarkSheets.GoingOut;
import zafu.server.roster.Roster;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.Tasks.TaskForClass;

/**
 * Marks of a class as a OneRoster 1.2 CSV bundle: a category for each kind of work, a line item for each task that counts
 * for somebody, a result for each mark that counts, under the ids by which other systems know the class and its students.
 */
@Component
class ResultBundles {
    private final Roster roster;
    private final SchoolSettings school;
    private final Clock clock;

    ResultBundles(Roster roster, SchoolSettings school, Clock clock) {
        this.roster = roster;
        this.school = school;
        this.clock = clock;
    }

    byte[] of(long classId, GoingOut out) {
        Instant now = clock.instant();
        String changed = now.truncatedTo(ChronoUnit.SECONDS).toString();
        Map<Long, Double> most = new LinkedHashMap<>();
        List<List<String>> results = new ArrayList<>();
        Map<WorkOf, Map<Integer, TryShown>> tries = triesByNumber(out.work());
        for (KnownStudent student : out.students()) {
            Marks.StudentMark sum = out.sums().get(new StudentId(student.id()));
            for (Mark.Part part : sum.mark().parts()) {
                if (part.why().counts() && part.item().possible() > 0) {
                    long task = part.item().id();
                    most.merge(task, part.item().possible(), Math::max);
                    TryShown counting = counting(
                            tries.get(new WorkOf(task, student.id())),
                            sum.counted().get(task));
                    results.add(result(student, part, day(counting, out.asOf()), changed));
                }
            }
        }
        return BundleZip.of(
                List.of(
                        BundleZip.categories(categories(out.work().settings(), changed)),
                        BundleZip.lineItems(lineItems(classId, out.work(), most, changed)),
                        BundleZip.results(results)),
                now);
    }

    private static @Nullable TryShown counting(
            @Nullable Map<Integer, TryShown> tries, Marks.@Nullable Counted counted) {
        return tries == null || counted == null || counted.number() == null ? null : tries.get(counted.number());
    }

    private static Map<WorkOf, Map<Integer, TryShown>> triesByNumber(Marks.Work work) {
        Map<WorkOf, Map<Integer, TryShown>> found = new HashMap<>();
        work.tries().forEach(each -> found.computeIfAbsent(
                        new WorkOf(each.taskId(), each.studentId()), of -> new HashMap<>())
                .put(each.number(), each));
        return found;
    }

    /** When it was handed in; what counts as nothing because it is missing is of the day on which marks stood so. */
    private String day(@Nullable TryShown counting, LocalDate asOf) {
        Instant handedIn = counting == null ? null : counting.handedInAt();
        return (handedIn == null ? asOf : LocalDate.ofInstant(handedIn, school.zone())).toString();
    }

    private static List<String> result(KnownStudent student, Mark.Part part, String day, String changed) {
        String item = lineItem(part.item().id());
        return List.of(
                item + "-" + student.sourceId(),
                "active",
                changed,
                item,
                student.sourceId(),
                part.why() == Mark.Why.MISSING_IS_ZERO ? "not submitted" : "fully graded",
                String.valueOf(part.earned()),
                day,
                "");
    }

    private static String lineItem(long task) {
        return "zafu-task-" + task;
    }

    private static String category(long id) {
        return "zafu-category-" + id;
    }

    private static List<List<String>> categories(MarkSettings.Settings settings, String changed) {
        return settings.categories().stream()
                .map(each -> List.of(category(each.id()), "active", changed, each.name()))
                .toList();
    }

    private List<List<String>> lineItems(long classId, Marks.Work work, Map<Long, Double> most, String changed) {
        String of = roster.sourceIdOf(classId);
        List<List<String>> rows = new ArrayList<>();
        for (TaskForClass task : work.tasks()) {
            Double possible = most.get(task.taskId());
            if (possible != null) {
                rows.add(List.of(
                        lineItem(task.taskId()),
                        "active",
                        changed,
                        task.name(),
                        "",
                        moment(task.firstOpens(), changed),
                        moment(task.firstDue(), changed),
                        of,
                        category(work.settings().of(task.taskId()).categoryId()),
                        "",
                        "0",
                        String.valueOf(possible),
                        BundleZip.SCHOOL));
            }
        }
        return rows;
    }

    private static String moment(Optional<Instant> of, String without) {
        return of.map(each -> each.truncatedTo(ChronoUnit.SECONDS).toString()).orElse(without);
    }
}
