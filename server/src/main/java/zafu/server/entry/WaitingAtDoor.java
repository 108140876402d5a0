package zafu.server.entry;

import org.springframework.stereotype.Component;

/** Who waits to be let into a class or one of its groups, for the other features. Permission is theirs to check. */
@Component
public class WaitingAtDoor {
    private final JoinRequestRepository requests;
    private final GroupRequestRepository groupRequests;

    WaitingAtDoor(JoinRequestRepository requests, GroupRequestRepository groupRequests) {
        this.requests = requests;
        this.groupRequests = groupRequests;
    }

    public int at(long classId) {
        return (int) (requests.countByClassIdAndState(classId, JoinRequest.State.WAITING)
                + groupRequests.countByClassIdAndState(classId, JoinRequest.State.WAITING));
    }
}
