package zafu.server.task;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Terms;
import zafu.core.targeting.GivesAway;
import zafu.core.targeting.Outcome;
import zafu.server.library.Library;
import zafu.server.link.LinkChecks;
import zafu.server.roster.ClassTimes;
import zafu.server.roster.SchoolSettings;
import zafu.server.task.TaskView.ProblemKind;
import zafu.server.task.TaskView.TaskProblem;

/** What should be looked at before a task is handed out, over and above what stops it. */
@Component
class LookAhead {
    private final TaskLoader loader;
    private final DayLoads loads;
    private final LinkChecks links;
    private final Library library;
    private final ClassTimes times;
    private final SchoolSettings school;
    private final Clock clock;

    LookAhead(
            TaskLoader loader,
            DayLoads loads,
            LinkChecks links,
            Library library,
            ClassTimes times,
            SchoolSettings school,
            Clock clock) {
        this.loader = loader;
        this.loads = loads;
        this.links = links;
        this.library = library;
        this.times = times;
        this.school = school;
        this.clock = clock;
    }

    List<TaskProblem> problems(Task task) {
        ClassTasks only = loader.only(task);
        TaskWithVersions one = only.tasks().get(0);
        Map<StudentId, Outcome> outcomes = only.outcomes(one);
        List<TaskProblem> problems = new ArrayList<>(HandOutCheck.problems(only, one, outcomes, school.zone()));
        Map<StudentId, Terms.ForStudent> terms = new LinkedHashMap<>();
        outcomes.forEach((student, outcome) -> outcome.given()
                .flatMap(one::content)
                .ifPresent(content -> terms.put(student, only.termsFor(one, student, content))));
        addOpensInPast(problems, one, outcomes);
        addBrokenLinks(problems, one, outcomes);
        addGivenAway(problems, one, outcomes);
        addSeries(problems, task);
        addFullDays(problems, task, terms);
        return problems;
    }

    private void addOpensInPast(List<TaskProblem> problems, TaskWithVersions task, Map<StudentId, Outcome> outcomes) {
        Instant now = clock.instant();
        given(task, outcomes).stream()
                .filter(content -> content.terms()
                        .opens()
                        .filter(opens -> opens.isBefore(now))
                        .isPresent())
                .forEach(content -> problems.add(
                        TaskProblem.about(ProblemKind.OPENS_IN_PAST, false, content.versionId(), List.of())));
    }

    private static Set<TaskVersion.Content> given(TaskWithVersions task, Map<StudentId, Outcome> outcomes) {
        Set<TaskVersion.Content> given = new LinkedHashSet<>();
        outcomes.values()
                .forEach(outcome -> outcome.given().flatMap(task::content).ifPresent(given::add));
        return given;
    }

    private void addBrokenLinks(List<TaskProblem> problems, TaskWithVersions task, Map<StudentId, Outcome> outcomes) {
        Set<Long> broken = new LinkedHashSet<>();
        Map<Long, LinkChecks.Checked> states = links.states();
        given(task, outcomes).forEach(content -> content.texts().stream()
                .filter(item ->
                        states.containsKey(item) && states.get(item).state().isBroken())
                .forEach(broken::add));
        if (!broken.isEmpty()) {
            List<String> names = library.names(broken).values().stream()
                    .map(Library.ItemName::title)
                    .toList();
            problems.add(TaskProblem.named(ProblemKind.BROKEN_LINK, names));
        }
    }

    private void addGivenAway(List<TaskProblem> problems, TaskWithVersions task, Map<StudentId, Outcome> outcomes) {
        List<String> seen = new ArrayList<>();
        Set<Long> texts = new LinkedHashSet<>();
        given(task, outcomes).forEach(content -> {
            seen.add(content.title());
            texts.addAll(content.texts());
        });
        library.names(texts).values().forEach(item -> seen.add(item.title()));
        List<String> staffNames =
                task.versions().stream().map(version -> version.staffName).toList();
        List<String> givenAway = GivesAway.names(seen, staffNames);
        if (!givenAway.isEmpty()) {
            problems.add(TaskProblem.named(ProblemKind.GIVES_AWAY, givenAway));
        }
    }

    private void addSeries(List<TaskProblem> problems, Task task) {
        if (task.seriesId == null) {
            return;
        }
        List<String> drafts = loader.draftsOf(task.classId).stream()
                .filter(each -> Objects.equals(each.seriesId, task.seriesId) && !each.id.equals(task.id))
                .map(each -> each.name)
                .toList();
        if (!drafts.isEmpty()) {
            problems.add(TaskProblem.named(ProblemKind.SERIES_DRAFTS, drafts));
        }
    }

    /** The fullest day among those on which the task can be worked on, where it is fuller than the class allows. */
    private void addFullDays(List<TaskProblem> problems, Task task, Map<StudentId, Terms.ForStudent> terms) {
        Optional<LocalDate> last = terms.values().stream()
                .flatMap(each -> each.due().stream())
                .map(moment -> LocalDate.ofInstant(moment, school.zone()))
                .max(LocalDate::compareTo);
        LocalDate from = school.today();
        LocalDate to = last.filter(day -> day.isBefore(from.plusDays(60))).orElse(from.plusDays(5));
        ClassTasks all = loader.allOf(task.classId);
        DayLoads.OfClass ofClass = loads.of(task.classId, all, from, to);
        int limit = times.minutesPerDay(task.classId);
        record Full(LocalDate day, int minutes) {}
        from.datesUntil(to.plusDays(1))
                .filter(all.calendar()::isTeachingDay)
                .map(day -> new Full(day, ofClass.most(openOn(day, terms), day)))
                .filter(full -> full.minutes() > limit)
                .max((a, b) -> Integer.compare(a.minutes(), b.minutes()))
                .ifPresent(full -> problems.add(new TaskProblem(
                        ProblemKind.DAY_TOO_FULL, false, null, List.of(), List.of(), full.day(), full.minutes())));
    }

    private Set<StudentId> openOn(LocalDate day, Map<StudentId, Terms.ForStudent> terms) {
        return terms.entrySet().stream()
                .filter(each -> each.getValue().isOpenOn(day, school.zone()))
                .map(Map.Entry::getKey)
                .collect(Collectors.toSet());
    }
}
