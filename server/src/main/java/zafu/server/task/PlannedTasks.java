package zafu.server.task;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.core.roster.StudentId;
import zafu.core.schedule.EasedTerms;
import zafu.core.schedule.Setting;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Outcome;

/** Tasks of a class as a plan shows them: who has which version on which days. Permission is the caller's to check. */
@Service
public class PlannedTasks {
    private final TaskLoader loader;
    private final DayLoads loads;

    private final Clock clock;

    PlannedTasks(TaskLoader loader, DayLoads loads, Clock clock) {
        this.loader = loader;
        this.loads = loads;
        this.clock = clock;
    }

    /**
     * A task with a bar for everybody who has the same version on the same days.
     *
     * @param conflicts students whom two versions claim
     * @param covered students who get exactly one version
     */
    public record Planned(
            long taskId,
            long classId,
            String name,
            TaskState state,
            long version,
            Way way,
            boolean doneFirst,
            @Nullable Long seriesId,
            Instant createdAt,
            Set<StudentId> conflicts,
            Set<StudentId> covered,
            List<Bar> bars) {}

    /**
     * One version on the same days for some; what they need on top is left out.
     *
     * @param staffName of the version, empty for the base
     * @param minutes absent for no limit
     */
    public record Bar(
            long versionId,
            String staffName,
            Optional<Instant> opens,
            Optional<Instant> due,
            @Nullable Integer minutes,
            int questions,
            Set<StudentId> students,
            Set<StudentId> handedIn) {}

    /** A class's tasks, and what weighs on its days. */
    public static final class OfClass {
        private final List<Planned> tasks;
        private final DayLoads.OfClass loads;

        private OfClass(List<Planned> tasks, DayLoads.OfClass loads) {
            this.tasks = tasks;
            this.loads = loads;
        }

        /** In the order in which they were made; those that were taken back are left out. */
        public List<Planned> tasks() {
            return tasks;
        }

        /** The most minutes that any of these students has on a day, with time factors, drafts included. */
        public int mostMinutes(Set<StudentId> students, LocalDate day) {
            return loads.most(students, day);
        }
    }

    /** @param from first day for which minutes will be asked, to the last */
    public OfClass of(long classId, LocalDate from, LocalDate to) {
        ClassTasks all = loader.allOf(classId);
        Instant now = clock.instant();
        List<Planned> planned = all.tasks().stream()
                .filter(task -> task.task().state != TaskState.TAKEN_BACK)
                .map(task -> planned(all, task, now))
                .toList();
        return new OfClass(planned, loads.of(classId, all, from, to));
    }

    private record Same(long versionId, Optional<Instant> opens, Optional<Instant> due, Optional<Integer> minutes) {}

    private static Planned planned(ClassTasks all, TaskWithVersions task, Instant now) {
        Set<StudentId> conflicts = new LinkedHashSet<>();
        Set<StudentId> covered = new LinkedHashSet<>();
        Map<Same, Set<StudentId>> same = new LinkedHashMap<>();
        all.outcomes(task).forEach((student, outcome) -> {
            if (outcome instanceof Outcome.Conflict) {
                conflicts.add(student);
            }
            outcome.given().flatMap(task::content).ifPresent(content -> {
                covered.add(student);
                EasedTerms terms = all.easedFor(task, student, content);
                same.computeIfAbsent(sameOf(content, terms), key -> new LinkedHashSet<>())
                        .add(student);
            });
        });
        if (same.isEmpty()) {
            TaskVersion.Content base = task.content(task.base());
            same.put(sameOf(base, base.terms().easedBy(List.of())), Set.of());
        }
        List<Bar> bars = new ArrayList<>();
        same.forEach((key, students) -> bars.add(bar(all, task, key, students, now)));
        Task of = task.task();
        return new Planned(
                of.id,
                of.classId,
                of.name,
                of.state,
                of.version,
                of.way,
                of.doneFirst,
                of.seriesId,
                of.createdAt,
                conflicts,
                covered,
                bars);
    }

    private static Same sameOf(TaskVersion.Content content, EasedTerms terms) {
        Optional<Integer> limit = terms.terms().minutes().isPresent()
                ? Optional.of(terms.terms().minutes().getAsInt())
                : Optional.empty();
        Setting<Integer> typed = terms.typed();
        return new Same(
                content.versionId(), terms.terms().opens(), terms.terms().due(), typed.over(limit));
    }

    private static Bar bar(ClassTasks all, TaskWithVersions task, Same key, Set<StudentId> students, Instant now) {
        TaskVersion version = task.versions().stream()
                .filter(each -> each.id == key.versionId())
                .findFirst()
                .orElse(task.base());
        Set<StudentId> handedIn = new LinkedHashSet<>();
        students.forEach(student -> {
            // Most have not begun most tasks of a year, and need no terms to be told so.
            if (all.hasStarted(task, student)) {
                Terms.ForStudent terms = all.termsFor(task, student, task.content(version));
                if (all.standing(task, student, terms, now).isHandedIn()) {
                    handedIn.add(student);
                }
            }
        });
        return new Bar(
                key.versionId(),
                version.isBase() ? "" : version.staffName,
                key.opens(),
                key.due(),
                key.minutes().orElse(null),
                task.content(version).questions().size(),
                students,
                handedIn);
    }
}
