package zafu.server.arrangement;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** Who sees an arrangement. Students never do; what they are given reaches them whoever sees it. */
public enum Sight {
    /** The adult who keeps it, alone. */
    MINE,
    /** Everybody who works in its classes. */
    CLASS,
    /** Colleagues of other classes may take its groups for theirs, too; they do not see whom else it holds. */
    SCHOOL;

    /** Whether what is for one adult alone, if any, is for this one; who is no adult asks for work, not for arrangements. */
    static boolean isFor(Optional<Long> adultId, @Nullable Long onlyFor) {
        return onlyFor == null || adultId.isEmpty() || adultId.get().equals(onlyFor);
    }
}
