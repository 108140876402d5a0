package zafu.server.task;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One target of a version: everyone, a group, a student, or a student who is excepted. */
@Entity
class TaskTarget {
    enum Kind {
        EVERYONE,
        GROUP,
        STUDENT,
        EXCEPT
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    /** Of a version, or of an adjustment. */
    @Nullable
    Long versionId;

    @Nullable
    Long adjustmentId;

    @Enumerated(EnumType.STRING)
    Kind kind = Kind.EVERYONE;

    @Nullable
    Long groupId;

    @Nullable
    Long studentId;

    static TaskTarget of(@Nullable Long versionId, Kind kind, @Nullable Long groupId, @Nullable Long studentId) {
        TaskTarget target = new TaskTarget();
        target.versionId = versionId;
        target.kind = kind;
        target.groupId = groupId;
        target.studentId = studentId;
        return target;
    }

    /** The rows for what a teacher chose, of neither a version nor an adjustment yet. */
    static List<TaskTarget> listed(TaskView.TargetsShown wanted) {
        List<TaskTarget> made = new ArrayList<>();
        if (wanted.everyone()) {
            made.add(of(null, Kind.EVERYONE, null, null));
        }
        wanted.groups().forEach(group -> made.add(of(null, Kind.GROUP, group, null)));
        wanted.students().forEach(student -> made.add(of(null, Kind.STUDENT, null, student)));
        wanted.except().forEach(student -> made.add(of(null, Kind.EXCEPT, null, student)));
        return made;
    }
}
