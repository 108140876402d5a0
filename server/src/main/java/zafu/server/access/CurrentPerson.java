package zafu.server.access;

import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;
import zafu.server.platform.Refusal;

/** The person behind the request. */
@Component
public class CurrentPerson {
    public Person.Grown adult() {
        return find(Person.Grown.class)
                .orElseThrow(() -> Refusal.notAllowed("This place is for teachers. Please sign in as one."));
    }

    /** The signed-in adult's id; empty where nobody is behind it, as at night. */
    public Optional<Long> anyAdultId() {
        return find(Person.Grown.class).map(Person.Grown::adultId);
    }

    public long studentId() {
        return find(Person.Learner.class)
                .orElseThrow(() -> Refusal.notAllowed("This place is for students. Please sign in with an entry code."))
                .studentId();
    }

    Optional<Person> anyone() {
        return find(Person.class);
    }

    private static <T extends Person> Optional<T> find(Class<T> kind) {
        Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
        return Optional.ofNullable(authentication)
                .map(Authentication::getPrincipal)
                .filter(kind::isInstance)
                .map(kind::cast);
    }
}
