package zafu.server.access;

import java.io.Serializable;
import org.jspecify.annotations.Nullable;

/** Who is signed in. */
public sealed interface Person extends Serializable {
    /**
     * A teacher, support teacher or administrator.
     *
     * @param keepsShared looks after what all classes share: measures, skills and the calendar
     */
    record Grown(long adultId, String displayName, boolean administrator, boolean keepsShared) implements Person {
        /** Whether this adult has that id; nobody has none. */
        public boolean is(@Nullable Long otherId) {
            return otherId != null && otherId == adultId;
        }
    }

    /** A student, known by id only: nothing about them is kept in the session. */
    record Learner(long studentId) implements Person {}
}
