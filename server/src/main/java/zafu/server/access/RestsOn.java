package zafu.server.access;

import jakarta.servlet.http.HttpSession;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What a session rests on: the password or code as it was when somebody signed in, and, where a student came back by
 * picture, that picture. A session is over as soon as one of them is not what it was.
 *
 * @param signInCount how often everybody who was signed in had been signed out before
 * @param face the picture by which a student came back; absent for a code
 */
record RestsOn(long signInCount, @Nullable Long face) {
    private static final String COUNT = "zafu.sign-in-count";
    private static final String FACE = "zafu.face";

    /**
     * Empty for a session that an older version opened.
     *
     * @param attributes of the session, by name
     */
    static Optional<RestsOn> of(Function<String, Object> attributes) {
        return attributes.apply(COUNT) instanceof Long count
                ? Optional.of(new RestsOn(count, (Long) attributes.apply(FACE)))
                : Optional.empty();
    }

    /** The same, when its picture is no longer wanted by the student themselves. */
    RestsOn withoutFace() {
        return new RestsOn(signInCount, null);
    }

    void keepIn(HttpSession session) {
        session.setAttribute(COUNT, signInCount);
        if (face == null) {
            session.removeAttribute(FACE);
        } else {
            session.setAttribute(FACE, face);
        }
    }
}
