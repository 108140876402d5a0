package zafu.server.access;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Something a line of the trail is about. */
@Embeddable
public record AuditSubject(@Enumerated(EnumType.STRING) Kind kind, @Column(name = "subject_id") long id) {
    /** What the trail can be read by. */
    public enum Kind {
        STUDENT,
        GROUP,
        TASK,
        ARRANGEMENT,
        ADULT
    }

    /** What deeds are done to, by the first part of their words. */
    private static final Map<String, Kind> BY_FIRST_PART = Map.ofEntries(
            Map.entry("student", Kind.STUDENT),
            Map.entry("need", Kind.STUDENT),
            Map.entry("needs", Kind.STUDENT),
            Map.entry("aim", Kind.STUDENT),
            Map.entry("work", Kind.STUDENT),
            Map.entry("try", Kind.STUDENT),
            Map.entry("late-answer", Kind.STUDENT),
            Map.entry("mark", Kind.STUDENT),
            Map.entry("task", Kind.TASK),
            Map.entry("key", Kind.TASK),
            Map.entry("question", Kind.TASK),
            Map.entry("group", Kind.GROUP),
            Map.entry("shelf", Kind.GROUP),
            Map.entry("arrangement", Kind.ARRANGEMENT),
            Map.entry("bench", Kind.ARRANGEMENT),
            Map.entry("role", Kind.ADULT),
            Map.entry("adult", Kind.ADULT),
            Map.entry("password", Kind.ADULT));

    /** Deeds that their first part says wrongly. */
    private static final Map<String, Kind> BY_WORD = Map.of(
            "marks.task", Kind.TASK,
            "mark.accepted-for-all", Kind.TASK,
            "skill.evidence-noted", Kind.STUDENT,
            "skill.evidence-removed", Kind.STUDENT,
            "skill.evidence-restored", Kind.STUDENT);

    public static AuditSubject student(long id) {
        return new AuditSubject(Kind.STUDENT, id);
    }

    public static AuditSubject group(long id) {
        return new AuditSubject(Kind.GROUP, id);
    }

    public static AuditSubject task(long id) {
        return new AuditSubject(Kind.TASK, id);
    }

    /** What a deed that is called so is done to; empty where the trail is not read by that. */
    static Optional<AuditSubject> of(String deed, @Nullable Long id) {
        Kind kind = BY_WORD.getOrDefault(deed, BY_FIRST_PART.get(deed.split("\\.")[0]));
        return id == null || kind == null ? Optional.empty() : Optional.of(new AuditSubject(kind, id));
    }
}
