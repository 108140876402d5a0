package zafu.server.task;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.core.targeting.MoveEffect;
import zafu.core.targeting.Outcome;
import zafu.core.targeting.VersionId;
import zafu.server.arrangement.Bench;
import zafu.server.arrangement.BenchCommand;
import zafu.server.task.TaskApi.Effect;
import zafu.server.task.TaskApi.EffectKind;

/** Says what moving students would do to their open work, before anything moves. */
@Service
class MoveEffects {
    private final Bench bench;
    private final TaskLoader loader;

    MoveEffects(Bench bench, TaskLoader loader) {
        this.bench = bench;
        this.loader = loader;
    }

    @Transactional(readOnly = true)
    List<Effect> of(long arrangementId, BenchCommand command) {
        Bench.Foreseen foreseen = bench.foresee(arrangementId, command);
        if (foreseen.groups().isEmpty()) {
            return List.of();
        }
        // Who is in two of the classes has the same work once.
        Set<Effect> effects = new LinkedHashSet<>();
        for (long classId : foreseen.classIds()) {
            ClassTasks loaded = loader.allOf(classId);
            for (TaskWithVersions task : loaded.tasks()) {
                if (task.task().state == TaskState.HANDED_OUT) {
                    addEffects(effects, loaded, task, arrangementId, foreseen);
                }
            }
        }
        return List.copyOf(effects);
    }

    private static void addEffects(
            Set<Effect> effects,
            ClassTasks loaded,
            TaskWithVersions task,
            long arrangementId,
            Bench.Foreseen foreseen) {
        Map<StudentId, Outcome> before = loaded.outcomes(task);
        Map<StudentId, Outcome> after = loaded.outcomesAfter(task, arrangementId, foreseen.groups());
        // Started work that would stay the same anyway is no news.
        for (StudentId student : loaded.givenOtherwise(task, arrangementId, foreseen.groups())) {
            MoveEffect.of(before.get(student), after.get(student), loaded.hasStarted(task, student))
                    .ifPresent(effect -> effects.add(shown(effect, loaded, task, student)));
        }
    }

    private static Effect shown(MoveEffect effect, ClassTasks loaded, TaskWithVersions task, StudentId student) {
        String name = loaded.students().get(student).givenName();
        if (effect instanceof MoveEffect.KeepsStarted keeps) {
            return effect(student, name, task, EffectKind.KEEPS_STARTED, keeps.version(), null);
        }
        if (effect instanceof MoveEffect.Changes changes) {
            return effect(student, name, task, EffectKind.CHANGES, changes.from(), changes.to());
        }
        if (effect instanceof MoveEffect.Withdrawn withdrawn) {
            return effect(student, name, task, EffectKind.WITHDRAWN, withdrawn.from(), null);
        }
        if (effect instanceof MoveEffect.Gains gains) {
            return effect(student, name, task, EffectKind.GAINS, null, gains.to());
        }
        return effect(student, name, task, EffectKind.LEADS_TO_CONFLICT, null, null);
    }

    private static Effect effect(
            StudentId student,
            String name,
            TaskWithVersions task,
            EffectKind kind,
            @Nullable VersionId from,
            @Nullable VersionId to) {
        return new Effect(student.value(), name, task.task().name, kind, staffName(task, from), staffName(task, to));
    }

    private static @Nullable String staffName(TaskWithVersions task, @Nullable VersionId version) {
        return version == null
                ? null
                : task.versions().stream()
                        .filter(each -> each.id == version.value())
                        .findFirst()
                        .map(each -> each.staffName)
                        .orElse(null);
    }
}
