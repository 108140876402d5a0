package zafu.server.task;

import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.Feedback;
import zafu.core.need.WorkKind;

/** A task with everything of it as it was at one moment, kept so that a step can be taken back. */
record TaskSnapshot(
        String name,
        @Nullable Long arrangementId,
        TaskState state,
        WorkKind workKind,
        Way way,
        boolean doneFirst,
        @Nullable Feedback feedback,
        @Nullable Long seriesId,
        boolean removed,
        @Nullable Instant handedOutAt,
        @Nullable Long handedOutBy,
        List<VersionThen> versions,
        List<AdjustmentThen> adjustments,
        List<ClassThen> otherClasses) {

    TaskSnapshot asRemoved() {
        return new TaskSnapshot(
                name,
                arrangementId,
                state,
                workKind,
                way,
                doneFirst,
                feedback,
                seriesId,
                true,
                handedOutAt,
                handedOutBy,
                versions,
                adjustments,
                otherClasses);
    }

    record VersionThen(
            long id,
            int place,
            String staffName,
            String overrides,
            @Nullable String title,
            @Nullable String instructions,
            @Nullable Integer minutes,
            boolean includesAccommodations,
            @Nullable Instant opensAt,
            @Nullable Instant dueAt,
            @Nullable Instant closesAt,
            @Nullable Integer tries,
            List<Long> texts,
            List<Long> questions,
            List<TargetThen> targets) {
        static VersionThen of(TaskVersion version, List<TargetThen> targets) {
            return new VersionThen(
                    version.id,
                    version.place,
                    version.staffName,
                    version.overrides,
                    version.title,
                    version.instructions,
                    version.minutes,
                    version.includesAccommodations,
                    version.opensAt,
                    version.dueAt,
                    version.closesAt,
                    version.tries,
                    List.copyOf(version.texts),
                    List.copyOf(version.questions),
                    targets);
        }

        void writeTo(TaskVersion version) {
            version.place = place;
            version.staffName = staffName;
            version.overrides = overrides;
            version.title = title;
            version.instructions = instructions;
            version.minutes = minutes;
            version.includesAccommodations = includesAccommodations;
            version.opensAt = opensAt;
            version.dueAt = dueAt;
            version.closesAt = closesAt;
            version.tries = tries;
            version.texts.clear();
            version.texts.addAll(texts);
            version.questions.clear();
            version.questions.addAll(questions);
            version.removed = false;
        }
    }

    record TargetThen(TaskTarget.Kind kind, @Nullable Long groupId, @Nullable Long studentId) {
        static TargetThen of(TaskTarget target) {
            return new TargetThen(target.kind, target.groupId, target.studentId);
        }

        TaskTarget row() {
            return TaskTarget.of(null, kind, groupId, studentId);
        }
    }

    record AdjustmentThen(
            String sets,
            @Nullable Integer minutes,
            @Nullable Instant opensAt,
            @Nullable Instant dueAt,
            @Nullable Instant closesAt,
            @Nullable Integer tries,
            List<TargetThen> targets) {
        static AdjustmentThen of(TaskAdjustment row, List<TargetThen> targets) {
            return new AdjustmentThen(row.sets, row.minutes, row.opensAt, row.dueAt, row.closesAt, row.tries, targets);
        }

        TaskAdjustment row(long taskId, int place) {
            TaskAdjustment row = new TaskAdjustment();
            row.taskId = taskId;
            row.place = place;
            row.sets = sets;
            row.minutes = minutes;
            row.opensAt = opensAt;
            row.dueAt = dueAt;
            row.closesAt = closesAt;
            row.tries = tries;
            return row;
        }
    }

    record ClassThen(
            long classId, String sets, @Nullable Instant opensAt, @Nullable Instant dueAt, @Nullable Instant closesAt) {
        static ClassThen of(TaskClass row) {
            return new ClassThen(row.classId, row.sets, row.opensAt, row.dueAt, row.closesAt);
        }

        TaskClass row(long taskId) {
            TaskClass row = new TaskClass();
            row.taskId = taskId;
            row.classId = classId;
            row.sets = sets;
            row.opensAt = opensAt;
            row.dueAt = dueAt;
            row.closesAt = closesAt;
            return row;
        }
    }
}
