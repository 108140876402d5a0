package zafu.server.attempt;

import java.util.Optional;
import org.springframework.stereotype.Component;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;

/** The tries of the student who asks; those of others are "not here". */
@Component
class OwnTries {
    private final AttemptRepository attempts;
    private final CurrentPerson current;

    OwnTries(AttemptRepository attempts, CurrentPerson current) {
        this.attempts = attempts;
        this.current = current;
    }

    Attempt require(long tryId) {
        return mine(attempts.findById(tryId));
    }

    /** Waits for whoever changes it now. */
    Attempt requireToChange(long tryId) {
        return mine(attempts.findToChange(tryId));
    }

    private Attempt mine(Optional<Attempt> found) {
        long student = current.studentId();
        return found.filter(each -> each.studentId == student).orElseThrow(() -> Refusal.notFound("try"));
    }
}
