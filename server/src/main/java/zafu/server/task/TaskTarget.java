package zafu.server.task;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
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

    long versionId;

    @Enumerated(EnumType.STRING)
    Kind kind = Kind.EVERYONE;

    @Nullable
    Long groupId;

    @Nullable
    Long studentId;

    static TaskTarget of(long versionId, Kind kind, @Nullable Long groupId, @Nullable Long studentId) {
        TaskTarget target = new TaskTarget();
        target.versionId = versionId;
        target.kind = kind;
        target.groupId = groupId;
        target.studentId = studentId;
        return target;
    }
}
