package zafu.server.access;

import static zafu.server.platform.Words.inWords;

import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import zafu.server.platform.Refusal;

/** The person behind the request. */
@Component
public class CurrentPerson {
    private static final ThreadLocal<Looking> IN_PLACE_OF = new ThreadLocal<>();

    /** @param classes of the adult who looks; what a student has in others stays out of sight */
    private record Looking(Person.Learner student, Set<Long> classes) {}

    public Person.Grown adult() {
        return find(Person.Grown.class)
                .orElseThrow(() -> Refusal.notAllowed(inWords("everyone.this-place-is-for-teachers-please")));
    }

    /** The signed-in adult's id; empty where nobody is behind it, as at night. */
    public Optional<Long> anyAdultId() {
        return find(Person.Grown.class).map(Person.Grown::adultId);
    }

    public boolean isStudent() {
        return find(Person.Learner.class).isPresent();
    }

    public long studentId() {
        return find(Person.Learner.class)
                .orElseThrow(() -> Refusal.notAllowed(inWords("everyone.this-place-is-for-students-please")))
                .studentId();
    }

    /**
     * What a student would be told, asked by who may look in their place.
     *
     * @param classes of who looks
     */
    public <T> T inPlaceOf(long studentId, Set<Long> classes, Supplier<T> page) {
        IN_PLACE_OF.set(new Looking(new Person.Learner(studentId), classes));
        try {
            return page.get();
        } finally {
            IN_PLACE_OF.remove();
        }
    }

    /** Whether what a student has in a class is told: to themselves always, to who looks in their place in their own classes. */
    public boolean isToldOf(long classId) {
        Looking looking = IN_PLACE_OF.get();
        return looking == null || looking.classes.contains(classId);
    }

    Optional<Person> anyone() {
        return find(Person.class);
    }

    private static <T extends Person> Optional<T> find(Class<T> kind) {
        Looking looking = IN_PLACE_OF.get();
        if (looking != null) {
            return Optional.of(looking.student).filter(kind::isInstance).map(kind::cast);
        }
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        return Optional.ofNullable(authentication)
                .map(Authentication::getPrincipal)
                .filter(kind::isInstance)
                .map(kind::cast);
    }
}
