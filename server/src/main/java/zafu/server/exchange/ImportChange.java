package zafu.server.exchange;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import org.jspecify.annotations.Nullable;

/** One thing that an import changed, with all that is needed to change it back. */
@Entity
class ImportChange {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long runId;

    @Enumerated(EnumType.STRING)
    Changed what = Changed.STUDENT_MADE;

    /** The student, class, measure, accommodation or adult that was changed. */
    long subjectId;

    /** The class, where a student or an adult came into or left one. */
    @Nullable
    Long otherId;

    @Nullable
    String stateBefore;
}
