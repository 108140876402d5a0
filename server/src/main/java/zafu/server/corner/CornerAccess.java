package zafu.server.corner;

import java.util.Collection;
import java.util.List;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.access.Reach;
import zafu.server.arrangement.Arrangements;
import zafu.server.attempt.MineChanged;
import zafu.server.platform.Refusal;

/** Who may look at and change a corner: adults of its class, and the students who are in its group now. */
@Component
class CornerAccess {
    private final CornerRepository corners;
    private final Arrangements arrangements;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final ApplicationEventPublisher events;

    CornerAccess(
            CornerRepository corners,
            Arrangements arrangements,
            ClassPermission permission,
            CurrentPerson current,
            ApplicationEventPublisher events) {
        this.corners = corners;
        this.arrangements = arrangements;
        this.permission = permission;
        this.current = current;
        this.events = events;
    }

    Corner requireToSee(long cornerId) {
        Corner corner = require(cornerId);
        requireSeen(corner, permission.reach(corner.classId));
        return corner;
    }

    Corner requireToChange(long cornerId) {
        Corner corner = require(cornerId);
        Reach reach = permission.reach(corner.classId);
        requireSeen(corner, reach);
        if (!mayChange(corner, reach)) {
            permission.requireChange(corner.classId);
        }
        return corner;
    }

    private static void requireSeen(Corner corner, Reach reach) {
        if (!reach.seesGroup(corner.groupId)) {
            throw Refusal.notFound("corner");
        }
    }

    /** Teachers of the class, and support staff where they lead the group. */
    boolean mayChange(Corner corner) {
        return mayChange(corner, permission.reach(corner.classId));
    }

    private static boolean mayChange(Corner corner, Reach reach) {
        return reach.role().mayChange() || !reach.isWhole() && reach.seesGroup(corner.groupId);
    }

    /** Teachers of the class; and support staff where every corner in which it stands is of a group that they lead. */
    boolean mayChange(Notice notice, Collection<Corner> in) {
        return mayChange(notice.classId, notice.everyone, in);
    }

    boolean mayChange(long classId, boolean everyone, Collection<Corner> in) {
        Reach reach = permission.reach(classId);
        return reach.role().mayChange()
                || !reach.isWhole()
                        && !everyone
                        && !in.isEmpty()
                        && in.stream().allMatch(each -> reach.seesGroup(each.groupId));
    }

    /** A corner of a group in which the signed-in student is now; for everybody else it is not there. */
    Corner requireMine(long cornerId) {
        long student = current.studentId();
        return corners.findById(cornerId)
                .filter(corner -> arrangements.groupsOfStudent(student).contains(corner.groupId))
                .orElseThrow(() -> Refusal.notFound("corner"));
    }

    List<Corner> mine() {
        return corners.findByGroupIdInOrderById(arrangements.groupsOfStudent(current.studentId()));
    }

    long adultId() {
        return current.adult().adultId();
    }

    long studentId() {
        return current.studentId();
    }

    /** The open pages of those who see these corners ask anew. */
    void tell(long classId, Collection<Corner> changed) {
        events.publishEvent(new CornersChanged(classId));
        arrangements
                .membersOf(changed.stream().map(each -> each.groupId).toList())
                .forEach(student -> events.publishEvent(new MineChanged(student.value())));
    }

    private Corner require(long cornerId) {
        current.adult();
        Corner corner = corners.findById(cornerId).orElseThrow(() -> Refusal.notFound("corner"));
        arrangements.group(corner.groupId);
        return corner;
    }
}
