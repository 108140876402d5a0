package zafu.server.task;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;
import zafu.core.need.NeedsForWork;
import zafu.core.roster.StudentId;
import zafu.core.schedule.Load;
import zafu.core.schedule.Load.OpenWork;
import zafu.core.schedule.Setting;
import zafu.core.schedule.Terms;
import zafu.core.schedule.TimeLimit;
import zafu.core.targeting.Outcome;
import zafu.core.work.Where;
import zafu.server.library.Library;
import zafu.server.task.LedMinutes.Led;

/** How many minutes each student of a class has on a day, drafts included. Rule 4, load. */
@Component
class DayLoads {
    private final Library library;
    private final LedMinutes led;

    private final Clock clock;

    DayLoads(Library library, LedMinutes led, Clock clock) {
        this.library = library;
        this.led = led;
        this.clock = clock;
    }

    /** Everything that weighs on the students of a class from one day to another. */
    OfClass of(long classId, ClassTasks all, LocalDate from, LocalDate to) {
        return of(classId, all, all.tasks(), from, to);
    }

    /** As if only these tasks were there. */
    OfClass of(long classId, ClassTasks all, List<TaskWithVersions> tasks, LocalDate from, LocalDate to) {
        Map<Long, Integer> own = ownMinutes(tasks);
        Map<StudentId, List<OpenWork>> works = new LinkedHashMap<>();
        Instant now = clock.instant();
        for (TaskWithVersions task : tasks) {
            if (task.task().state != TaskState.TAKEN_BACK) {
                add(works, all, task, own, now);
            }
        }
        return new OfClass(all, works, led.between(classId, from, to));
    }

    private static void add(
            Map<StudentId, List<OpenWork>> works,
            ClassTasks all,
            TaskWithVersions task,
            Map<Long, Integer> own,
            Instant now) {
        Map<StudentId, Outcome> outcomes = all.outcomes(task);
        outcomes.forEach(
                (student, outcome) -> outcome.given().flatMap(task::content).ifPresent(content -> {
                    Terms.ForStudent terms = all.termsFor(task, student, content);
                    Where where = all.standing(task, student, terms, now);
                    if (where != Where.NOT_OPEN_YET && !where.isToDo()) {
                        return;
                    }
                    int materials = own.getOrDefault(content.versionId(), 0);
                    int minutes = minutes(terms.time(), materials, content, all.needsFor(task, student));
                    works.computeIfAbsent(student, id -> new ArrayList<>())
                            .add(new OpenWork(minutes, day(terms.opens(), all), day(terms.due(), all)));
                }));
    }

    /** The time limit as it holds for the student, else the material's own minutes with the student's factor. */
    private static int minutes(TimeLimit limit, int own, TaskVersion.Content content, NeedsForWork needs) {
        if (limit instanceof TimeLimit.Untimed untimed) {
            return untimed.instead();
        }
        if (limit.minutes().isPresent()) {
            return limit.minutes().getAsInt();
        }
        return TimeLimit.of(
                        OptionalInt.of(own), needs.time(), content.terms().includesAccommodations(), Setting.leaves())
                .minutes()
                .orElse(own);
    }

    private static Optional<LocalDate> day(Optional<Instant> moment, ClassTasks all) {
        return moment.map(instant -> LocalDate.ofInstant(instant, all.zone()));
    }

    /** By version: what its materials are said to take, each item once. */
    private Map<Long, Integer> ownMinutes(List<TaskWithVersions> tasks) {
        Set<Long> texts = new TreeSet<>();
        Set<Long> questions = new TreeSet<>();
        tasks.forEach(task -> task.versions().forEach(version -> {
            texts.addAll(version.texts);
            questions.addAll(version.questions);
        }));
        Map<Long, Long> itemOf = questions.isEmpty() ? Map.of() : library.itemsOf(questions);
        Set<Long> items = new TreeSet<>(texts);
        items.addAll(itemOf.values());
        Map<Long, Library.ItemName> names = items.isEmpty() ? Map.of() : library.names(items);
        Map<Long, Integer> minutes = new LinkedHashMap<>();
        tasks.forEach(task -> task.versions().forEach(version -> {
            TaskVersion.Content content = task.content(version);
            Set<Long> within = new TreeSet<>(content.texts());
            content.questions().stream()
                    .map(itemOf::get)
                    .filter(Objects::nonNull)
                    .forEach(within::add);
            minutes.put(
                    version.id,
                    within.stream()
                            .map(names::get)
                            .filter(item -> item != null && item.minutes() != null)
                            .mapToInt(Library.ItemName::minutes)
                            .sum());
        }));
        return minutes;
    }

    /** The loads of one class. */
    static final class OfClass {
        private final ClassTasks all;
        private final Map<StudentId, List<OpenWork>> works;
        private final List<Led> led;
        private final Load load;

        private OfClass(ClassTasks all, Map<StudentId, List<OpenWork>> works, List<Led> led) {
            this.all = all;
            this.works = works;
            this.led = led;
            this.load = new Load(all.calendar(), all.today());
        }

        /** Whole minutes, rounded up. */
        int minutes(StudentId student, LocalDate day) {
            int ledMinutes = led.stream()
                    .filter(each -> each.day().equals(day))
                    .filter(each -> each.groups().isEmpty()
                            || all.groupsOf(student).stream().anyMatch(each.groups()::contains))
                    .mapToInt(Led::minutes)
                    .sum();
            double minutes = load.on(day, works.getOrDefault(student, List.of()), ledMinutes);
            return (int) Math.ceil(minutes - 1e-9);
        }

        /** The most that any of these students has. */
        int most(Set<StudentId> students, LocalDate day) {
            return students.stream()
                    .filter(all.students()::containsKey)
                    .mapToInt(student -> minutes(student, day))
                    .max()
                    .orElse(0);
        }
    }
}
