package zafu.server.arrangement;

import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.server.roster.StudentPart;

/** The groups a student is and was in, as part of the student's record. */
@Component
class MembershipPart implements StudentPart {
    private final MembershipRepository memberships;

    MembershipPart(MembershipRepository memberships) {
        this.memberships = memberships;
    }

    @Override
    public String name() {
        return "groups";
    }

    @Override
    public Object of(long studentId) {
        return memberships.findByStudentIdOrderById(studentId).stream()
                .map(each ->
                        Map.of("group", each.groupId, "from", each.fromAt.toString(), "to", String.valueOf(each.toAt)))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        memberships.deleteByStudentId(studentId);
    }
}
