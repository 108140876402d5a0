package zafu.server.entry;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.ClassRole;
import zafu.server.access.CurrentPerson;
import zafu.server.access.EntryCodes;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupOfClass;
import zafu.server.arrangement.Bench;
import zafu.server.attempt.MineChanged;
import zafu.server.platform.Refusal;
import zafu.server.roster.ClassSharing;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.roster.StudentPart;
import zafu.server.roster.StudentsChanged;

/** Teachers open the doors of groups and say who comes in. */
@Service
class GroupDoors implements StudentPart {
    private final GroupDoorRepository doors;
    private final GroupRequestRepository requests;
    private final Arrangements arrangements;
    private final Bench bench;
    private final Roster roster;
    private final AdultAccounts adults;
    private final ClassPermission permission;
    private final ClassSharing sharing;
    private final CurrentPerson current;
    private final PasswordEncoder passwords;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;

    GroupDoors(
            GroupDoorRepository doors,
            GroupRequestRepository requests,
            Arrangements arrangements,
            Bench bench,
            Roster roster,
            AdultAccounts adults,
            ClassPermission permission,
            ClassSharing sharing,
            CurrentPerson current,
            PasswordEncoder passwords,
            SchoolSettings school,
            AuditTrail audit,
            ApplicationEventPublisher events) {
        this.doors = doors;
        this.requests = requests;
        this.arrangements = arrangements;
        this.bench = bench;
        this.roster = roster;
        this.adults = adults;
        this.permission = permission;
        this.sharing = sharing;
        this.current = current;
        this.passwords = passwords;
        this.school = school;
        this.audit = audit;
        this.events = events;
    }

    @Transactional(readOnly = true)
    GroupDoorApi.GroupDoorShown door(long groupId) {
        GroupOfClass group = requireChange(groupId);
        List<GroupDoorApi.AskingForGroup> asking =
                shown(requests.findByGroupIdAndStateOrderById(groupId, JoinRequest.State.WAITING));
        Optional<GroupDoor> door = doors.findByGroupId(groupId);
        return new GroupDoorApi.GroupDoorShown(
                door.map(each -> each.code).orElse(null),
                door.map(each -> each.opened).orElse(false),
                door.map(each -> each.atOnce).orElse(false),
                door.map(each -> each.most).orElse(null),
                group.members().size(),
                asking,
                door.map(each -> each.version).orElse(0L));
    }

    /** Who asks to come into any group of a class. */
    List<GroupDoorApi.AskingForGroup> askingIn(long classId) {
        return shown(requests.findByClassIdAndStateOrderById(classId, JoinRequest.State.WAITING));
    }

    private List<GroupDoorApi.AskingForGroup> shown(List<GroupRequest> waiting) {
        Map<Long, String> groups = arrangements.groupNames(
                waiting.stream().map(each -> each.groupId).distinct().toList());
        Map<Long, String> grown = adults.displayNames(waiting.stream()
                .map(each -> each.adultId)
                .filter(Objects::nonNull)
                .toList());
        Map<StudentId, Roster.StudentName> students = roster.named(waiting.stream()
                .map(each -> each.studentId)
                .filter(Objects::nonNull)
                .toList());
        return waiting.stream()
                .map(each -> new GroupDoorApi.AskingForGroup(
                        each.id,
                        each.groupId,
                        groups.getOrDefault(each.groupId, ""),
                        each.adultId != null
                                ? grown.getOrDefault(each.adultId, "")
                                : students.get(new StudentId(Objects.requireNonNull(each.studentId)))
                                        .fullName(),
                        each.adultId != null,
                        from(each),
                        each.askedAt))
                .toList();
    }

    private @Nullable String from(GroupRequest request) {
        List<Long> classes = request.studentId == null ? List.of() : roster.classesOf(request.studentId);
        return classes.isEmpty() || classes.contains(request.classId) ? null : roster.nameOf(classes.get(0));
    }

    @Transactional
    void set(long groupId, GroupDoorApi.GroupDoorEdit edit) {
        GroupOfClass group = requireChange(groupId);
        GroupDoor door = doors.findByGroupId(groupId).orElseGet(GroupDoor::new);
        if (door.version != edit.version()) {
            throw Refusal.conflict("changed-meanwhile", inWords("entry.somebody-else-has-changed-this"));
        }
        if (door.id == null) {
            door.groupId = groupId;
            door.classId = group.classId();
            door.code = EntryCodes.draw(7);
            if (edit.password() == null) {
                throw Refusal.unusableField(
                        "no-password", "password", inWords("entry.choose-a-password-that-you-tell-2"));
            }
        }
        if (edit.password() != null) {
            door.passwordHash = passwords.encode(edit.password());
        }
        door.opened = edit.opened();
        door.atOnce = edit.atOnce();
        door.most = edit.most();
        door.openedBy = current.adult().adultId();
        doors.saveAndFlush(door);
        audit.note(group.classId(), edit.opened() ? "group.door-opened" : "group.door-closed", groupId, group.name());
    }

    @Transactional
    void letIn(long groupId, long requestId) {
        GroupOfClass group = requireChange(groupId);
        GroupRequest request = waiting(groupId, requestId);
        if (request.adultId != null) {
            letInAdult(group, request.adultId);
        } else {
            letInStudent(groupId, Objects.requireNonNull(request.studentId));
        }
        request.state = JoinRequest.State.LET_IN;
        requests.save(request);
        events.publishEvent(new StudentsChanged(group.classId()));
    }

    /** Into the class too, where the student is of another: a club is a class of its own. */
    void letInStudent(long groupId, long student) {
        // Members are counted behind the lock, so that two who let in at once do not both see the last place.
        GroupDoor door = doors.findToPass(groupId).orElseThrow();
        GroupOfClass group = requireChange(groupId);
        GroupJoining.requireRoom(door, group);
        if (!bench.drawsFrom(group.arrangementId(), student)) {
            roster.addToClass(group.classId(), student, school.today());
            audit.note(group.classId(), "student.joined", student, "known");
        }
        bench.letIn(group.arrangementId(), group.id(), student, current.adult().adultId());
        events.publishEvent(new MineChanged(student));
    }

    private void letInAdult(GroupOfClass group, long adult) {
        sharing.requireMayShare(group.classId());
        if (!permission.adultsOf(group.classId()).containsKey(adult)) {
            permission.grant(group.classId(), adult, ClassRole.GROUP_SUPPORT);
            audit.note(group.classId(), "role.given", adult, "group support");
        }
        bench.addLead(group.arrangementId(), group.id(), adult);
    }

    @Transactional
    void turnAway(long groupId, long requestId) {
        GroupOfClass group = requireChange(groupId);
        GroupRequest request = waiting(groupId, requestId);
        request.state = JoinRequest.State.TURNED_AWAY;
        requests.save(request);
        audit.note(
                group.classId(),
                "group.turned-away",
                groupId,
                shown(List.of(request)).get(0).name());
        events.publishEvent(new StudentsChanged(group.classId()));
    }

    private GroupOfClass requireChange(long groupId) {
        GroupOfClass group = arrangements.group(groupId);
        bench.requireChange(group.arrangementId());
        return group;
    }

    private GroupRequest waiting(long groupId, long requestId) {
        return requests.findById(requestId)
                .filter(each -> each.groupId == groupId && each.state == JoinRequest.State.WAITING)
                .orElseThrow(() -> Refusal.notFound("request"));
    }

    @Override
    public String name() {
        return "groups asked for";
    }

    @Override
    public Object of(long studentId) {
        return requests.findByStudentIdOrderById(studentId).stream()
                .map(each -> Map.of("asked", each.askedAt.toString(), "state", each.state.name()))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        requests.deleteAll(requests.findByStudentIdOrderById(studentId));
    }
}
