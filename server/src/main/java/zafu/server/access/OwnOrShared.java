package zafu.server.access;

import static zafu.server.platform.Words.inWords;

import java.util.Set;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.server.platform.Refusal;

/**
 * Measures and skills are shared by the whole school, or are one class's own. What is shared is for those who keep it;
 * what a class has for itself is made and changed by its teachers and seen by its adults and by those who keep what is
 * shared, who may share it with all.
 */
@Service
public class OwnOrShared {
    private final ClassPermission permission;
    private final CurrentPerson current;

    OwnOrShared(ClassPermission permission, CurrentPerson current) {
        this.permission = permission;
        this.current = current;
    }

    /**
     * Tells of a class whether what it has for itself is seen by the signed-in adult; no class stands for the whole
     * school. Where no adult is behind it, as at night, nothing is held back.
     */
    public Predicate<@Nullable Long> seen() {
        if (current.anyAdultId().isEmpty() || current.adult().keepsShared()) {
            return classId -> true;
        }
        Set<Long> mine = permission.roles().keySet();
        return classId -> classId == null || mine.contains(classId);
    }

    /** Makes sure that the adult may make or change something of this class, or without one, of the whole school. */
    public void requireMayKeep(@Nullable Long classId) {
        if (classId == null) {
            permission.requireKeepsShared();
        } else if (!current.adult().keepsShared()) {
            permission.requireChange(classId);
        }
    }

    /** What the adult makes while working in a class: the class's own, or shared by all if they keep what is shared. */
    public @Nullable Long classFor(long classId) {
        return current.adult().keepsShared() ? null : (Long) classId;
    }

    /** As {@link #requireMayKeep}, where its class changes: what others may use already is not taken back from them. */
    public void requireMayKeep(@Nullable Long was, @Nullable Long wanted) {
        requireMayKeep(was);
        requireMayKeep(wanted);
        if (wanted != null && !wanted.equals(was)) {
            throw Refusal.conflict("used-by-others", inWords("access.other-classes-use-this-already-it"));
        }
    }
}
