package zafu.server.access;

import java.io.Serializable;

/** Who is signed in. */
public sealed interface Person extends Serializable {
    /** A teacher, support teacher or administrator. */
    record Grown(long adultId, String displayName, boolean administrator) implements Person {}

    /** A student, known by id only: nothing about them is kept in the session. */
    record Learner(long studentId) implements Person {}
}
