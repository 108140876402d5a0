package zafu.server.entry;

import org.springframework.stereotype.Component;

/** Who waits to be let into a class, for the other features. Permission is theirs to check. */
@Component
public class WaitingAtDoor {
    private final JoinRequestRepository requests;

    WaitingAtDoor(JoinRequestRepository requests) {
        this.requests = requests;
    }

    public int at(long classId) {
        return (int) requests.countByClassIdAndState(classId, JoinRequest.State.WAITING);
    }
}
