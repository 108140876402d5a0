package zafu.server.task;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Outcome;
import zafu.server.task.TaskView.ProblemKind;
import zafu.server.task.TaskView.TaskProblem;

/** Everything that stands in the way of handing a task out, and what should be looked at first. Rule 3. */
final class HandOutCheck {
    private HandOutCheck() {}

    static List<TaskProblem> problems(
            ClassTasks loaded, TaskWithVersions task, Map<StudentId, Outcome> outcomes, ZoneId zone) {
        List<TaskProblem> problems = new ArrayList<>();
        addWhom(problems, outcomes);
        Set<Long> used = outcomes.values().stream()
                .flatMap(outcome -> outcome.given().stream())
                .map(version -> version.value())
                .collect(Collectors.toSet());
        for (TaskVersion version : task.versions()) {
            if (used.contains(version.id)) {
                addContent(problems, task.content(version));
                addDates(problems, task.content(version), loaded, zone);
            }
        }
        return problems;
    }

    private static void addWhom(List<TaskProblem> problems, Map<StudentId, Outcome> outcomes) {
        List<Long> conflicts = students(outcomes, Outcome.Conflict.class);
        List<Long> none = students(outcomes, Outcome.NotCovered.class);
        if (!conflicts.isEmpty()) {
            problems.add(TaskProblem.about(ProblemKind.CONFLICTS, true, null, conflicts));
        }
        if (none.size() == outcomes.size()) {
            problems.add(TaskProblem.about(ProblemKind.NOBODY, true, null, List.of()));
        } else if (!none.isEmpty()) {
            problems.add(TaskProblem.about(ProblemKind.NOT_COVERED, false, null, none));
        }
    }

    private static List<Long> students(Map<StudentId, Outcome> outcomes, Class<? extends Outcome> kind) {
        return outcomes.entrySet().stream()
                .filter(each -> kind.isInstance(each.getValue()))
                .map(each -> each.getKey().value())
                .toList();
    }

    private static void addContent(List<TaskProblem> problems, TaskVersion.Content content) {
        boolean nothing = content.questions().isEmpty()
                && content.texts().isEmpty()
                && content.instructions().isBlank();
        if (nothing) {
            add(problems, ProblemKind.NOTHING_TO_DO, true, content.versionId());
        }
        if (content.title().isBlank()) {
            add(problems, ProblemKind.NO_TITLE, true, content.versionId());
        }
    }

    private static void addDates(
            List<TaskProblem> problems, TaskVersion.Content content, ClassTasks loaded, ZoneId zone) {
        Terms terms = content.terms();
        if (!terms.inOrder()) {
            add(problems, ProblemKind.DATES_OUT_OF_ORDER, true, content.versionId());
        }
        if (isOnClosedDay(terms.opens(), loaded, zone)) {
            add(problems, ProblemKind.OPENS_ON_CLOSED_DAY, false, content.versionId());
        }
        if (isOnClosedDay(terms.due(), loaded, zone)) {
            add(problems, ProblemKind.DUE_ON_CLOSED_DAY, false, content.versionId());
        }
    }

    private static boolean isOnClosedDay(Optional<Instant> moment, ClassTasks loaded, ZoneId zone) {
        return moment.map(instant -> LocalDate.ofInstant(instant, zone))
                .filter(day -> !loaded.calendar().isTeachingDay(day))
                .isPresent();
    }

    private static void add(List<TaskProblem> problems, ProblemKind kind, boolean stops, @Nullable Long versionId) {
        problems.add(TaskProblem.about(kind, stops, versionId, List.of()));
    }
}
