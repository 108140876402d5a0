package zafu.server.entry;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupOfClass;
import zafu.server.arrangement.Bench;
import zafu.server.platform.Refusal;
import zafu.server.roster.StudentsChanged;

/** Students and adults come to a group with its code and password. */
@Service
class GroupJoining {
    private static final int MOST_WAITING = 60;
    private final DoorKeys keys;
    private final GroupDoorRepository doors;
    private final GroupRequestRepository requests;
    private final Arrangements arrangements;
    private final Bench bench;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    GroupJoining(
            DoorKeys keys,
            GroupDoorRepository doors,
            GroupRequestRepository requests,
            Arrangements arrangements,
            Bench bench,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            Clock clock,
            ApplicationEventPublisher events) {
        this.keys = keys;
        this.doors = doors;
        this.requests = requests;
        this.arrangements = arrangements;
        this.bench = bench;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.clock = clock;
        this.events = events;
    }

    /**
     * Where the door lets in at once, a student of its class who is in no group yet is in; everybody else waits to be
     * let in, also who would be moved out of another group.
     */
    @Transactional
    GroupDoorApi.Joined asStudent(GroupDoorApi.GroupKey key) {
        long student = current.studentId();
        GroupDoor door = doors.findToPass(keys.openGroup(key)).orElseThrow();
        GroupOfClass group = arrangements.group(door.groupId);
        if (group.has(student)) {
            throw Refusal.conflict("in-it-already", inWords("everyone.you-are-in-this-group-already"));
        }
        requireRoom(door, group);
        if (door.atOnce && bench.letInIfFree(group.arrangementId(), group.id(), student, door.openedBy)) {
            audit.note(group.classId(), "group.joined", group.id(), "");
            return new GroupDoorApi.Joined(
                    JoinRequest.State.LET_IN,
                    arrangements.studentNames(List.of(group.id())).get(group.id()));
        }
        if (!requests.existsByGroupIdAndStudentIdAndState(group.id(), student, JoinRequest.State.WAITING)) {
            ask(group, student, null);
        }
        return new GroupDoorApi.Joined(JoinRequest.State.WAITING, null);
    }

    /** An adult always waits: who helps in a group sees what its students need. */
    @Transactional
    void asAdult(GroupDoorApi.GroupKey key) {
        long adult = current.adult().adultId();
        GroupOfClass group = arrangements.group(keys.openGroup(key));
        if (permission.roles().containsKey(group.classId())
                && permission.reach(group.classId()).seesGroup(group.id())) {
            throw Refusal.conflict("in-it-already", inWords("everyone.you-see-this-group-already"));
        }
        if (!requests.existsByGroupIdAndAdultIdAndState(group.id(), adult, JoinRequest.State.WAITING)) {
            ask(group, null, adult);
        }
    }

    private void ask(GroupOfClass group, @Nullable Long student, @Nullable Long adult) {
        if (requests.countByClassIdAndState(group.classId(), JoinRequest.State.WAITING) >= MOST_WAITING) {
            throw Refusal.conflict("too-many-waiting", inWords("everyone.many-are-waiting-already-please"));
        }
        GroupRequest request = new GroupRequest();
        request.groupId = group.id();
        request.classId = group.classId();
        request.studentId = student;
        request.adultId = adult;
        request.askedAt = clock.instant();
        requests.save(request);
        events.publishEvent(new StudentsChanged(group.classId()));
    }

    static void requireRoom(GroupDoor door, GroupOfClass group) {
        if (!door.hasRoomBeside(group.members().size())) {
            throw Refusal.conflict("group-full", inWords("everyone.this-group-is-full"));
        }
    }
}
