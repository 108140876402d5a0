package zafu.server.task;

import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zafu.core.roster.StudentId;
import zafu.core.schedule.TermPart;
import zafu.core.schedule.Terms;
import zafu.core.targeting.Outcome;
import zafu.server.roster.SchoolSettings;

/** Says what a change of a task would do to each student, by how the task was and how it would be. */
final class TaskForesight {
    private final SchoolSettings school;
    private final Map<StudentId, Gets> before;

    TaskForesight(ClassTasks before, SchoolSettings school) {
        this.school = school;
        this.before = gets(before);
    }

    /** What one student has of the task. */
    private record Gets(Outcome outcome, TaskVersion.@Nullable Content content, Terms.@Nullable ForStudent terms) {}

    enum EffectOn {
        GAINS,
        LOSES,
        OTHER_VERSION,
        CONFLICT,
        /** Wording, texts or questions. */
        CONTENT,
        TERM
    }

    /**
     * One thing that would change for one student.
     *
     * @param running whether the student is working on it now
     * @param part with TERM: which; its values before and after follow, absent for none
     */
    record TaskEffect(
            long studentId,
            String givenName,
            boolean running,
            EffectOn kind,
            @Nullable TermPart part,
            @Nullable Integer numberBefore,
            @Nullable Integer numberAfter,
            @Nullable LocalDateTime dateBefore,
            @Nullable LocalDateTime dateAfter) {}

    List<TaskEffect> comparedWith(ClassTasks after) {
        TaskWithVersions task = after.tasks().get(0);
        List<TaskEffect> effects = new ArrayList<>();
        gets(after).forEach((student, now) -> {
            boolean running = after.triesOf(task, student).stream().anyMatch(TriesSoFar.TrySoFar::running);
            Effects of = new Effects(student, after.students().get(student).givenName(), running, effects);
            of.compare(before.get(student), now);
        });
        return effects;
    }

    private static Map<StudentId, Gets> gets(ClassTasks loaded) {
        TaskWithVersions task = loaded.tasks().get(0);
        Map<StudentId, Gets> gets = new LinkedHashMap<>();
        loaded.outcomes(task).forEach((student, outcome) -> {
            TaskVersion.Content content = outcome.given().flatMap(task::content).orElse(null);
            Terms.ForStudent terms = content == null ? null : loaded.termsFor(task, student, content);
            gets.put(student, new Gets(outcome, content, terms));
        });
        return gets;
    }

    private final class Effects {
        private final StudentId student;
        private final String name;
        private final boolean running;
        private final List<TaskEffect> found;

        Effects(StudentId student, String name, boolean running, List<TaskEffect> found) {
            this.student = student;
            this.name = name;
            this.running = running;
            this.found = found;
        }

        void compare(@Nullable Gets was, Gets now) {
            boolean had = was != null && was.content() != null;
            if (now.outcome() instanceof Outcome.Conflict) {
                if (was == null || !(was.outcome() instanceof Outcome.Conflict)) {
                    add(EffectOn.CONFLICT);
                }
            } else if (now.content() == null) {
                if (had) {
                    add(EffectOn.LOSES);
                }
            } else if (!had) {
                add(EffectOn.GAINS);
            } else {
                compareContent(was.content(), now.content());
                compareTerms(was.terms(), now.terms());
            }
        }

        private void compareContent(TaskVersion.Content was, TaskVersion.Content now) {
            if (was.versionId() != now.versionId()) {
                add(EffectOn.OTHER_VERSION);
                return;
            }
            boolean same = was.title().equals(now.title())
                    && was.instructions().equals(now.instructions())
                    && was.texts().equals(now.texts())
                    && was.questions().equals(now.questions());
            if (!same) {
                add(EffectOn.CONTENT);
            }
        }

        private void compareTerms(Terms.ForStudent was, Terms.ForStudent now) {
            numbers(TermPart.MINUTES, minutes(was), minutes(now));
            numbers(TermPart.TRIES, was.tries(), now.tries());
            dates(TermPart.OPENS, local(was.opens()), local(now.opens()));
            dates(TermPart.DUE, local(was.due()), local(now.due()));
            dates(TermPart.CLOSES, local(was.closes()), local(now.closes()));
        }

        private static @Nullable Integer minutes(Terms.ForStudent terms) {
            return terms.time().minutes().isPresent() ? terms.time().minutes().getAsInt() : null;
        }

        private @Nullable LocalDateTime local(Optional<Instant> moment) {
            return school.local(moment.orElse(null));
        }

        private void numbers(TermPart part, @Nullable Integer was, @Nullable Integer now) {
            if (!Objects.equals(was, now)) {
                add(part, was, now, null, null);
            }
        }

        private void dates(TermPart part, @Nullable LocalDateTime was, @Nullable LocalDateTime now) {
            if (!Objects.equals(was, now)) {
                add(part, null, null, was, now);
            }
        }

        private void add(
                TermPart part,
                @Nullable Integer number,
                @Nullable Integer numberAfter,
                @Nullable LocalDateTime date,
                @Nullable LocalDateTime dateAfter) {
            found.add(new TaskEffect(
                    student.value(), name, running, EffectOn.TERM, part, number, numberAfter, date, dateAfter));
        }

        private void add(EffectOn kind) {
            found.add(new TaskEffect(student.value(), name, running, kind, null, null, null, null, null));
        }
    }
}
