package zafu.server.oneroster;

import static zafu.server.platform.Words.keptWords;

import java.util.List;
import org.springframework.stereotype.Component;
import zafu.server.roster.StudentPart;

/**
 * Lists of the school's system that wait to be agreed to name the school's students. Where one is erased they are let go,
 * so that nothing about the student stays in them and nobody brings the student back by agreeing; they are fetched anew.
 */
@Component
class WaitingPulls implements StudentPart {
    private final SchoolPullRepository pulls;

    WaitingPulls(SchoolPullRepository pulls) {
        this.pulls = pulls;
    }

    @Override
    public String name() {
        return "waiting lists";
    }

    /** What waits is not taken, so it is no part of a student's record yet. */
    @Override
    public Object of(long studentId) {
        return List.of();
    }

    @Override
    public void erase(long studentId) {
        for (SchoolPull each : pulls.findByState(SchoolPull.State.WAITING)) {
            each.state = SchoolPull.State.LEFT;
            each.message = keptWords("oneroster.left-because-of-an-erased-student");
            each.body = null;
            pulls.save(each);
        }
    }
}
