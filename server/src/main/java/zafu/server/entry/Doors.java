package zafu.server.entry;

import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.EntryCodes;
import zafu.server.access.FailureThrottle;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.roster.StudentFacts;
import zafu.server.roster.StudentPart;
import zafu.server.roster.StudentsChanged;

/** Lets students ask to join a class, and teachers say who comes in. */
@Service
class Doors implements StudentPart {
    private static final int MOST_WAITING = 60;
    private final ClassDoorRepository doors;
    private final JoinRequestRepository requests;
    private final Roster roster;
    private final EntryCodes codes;
    private final ClassPermission permission;
    private final PasswordEncoder passwords;
    private final FailureThrottle throttle;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final Clock clock;
    private final ApplicationEventPublisher events;
    private final String hashOfNoDoor;

    Doors(
            ClassDoorRepository doors,
            JoinRequestRepository requests,
            Roster roster,
            EntryCodes codes,
            ClassPermission permission,
            PasswordEncoder passwords,
            FailureThrottle throttle,
            SchoolSettings school,
            AuditTrail audit,
            Clock clock,
            ApplicationEventPublisher events) {
        this.doors = doors;
        this.requests = requests;
        this.roster = roster;
        this.codes = codes;
        this.permission = permission;
        this.passwords = passwords;
        this.throttle = throttle;
        this.school = school;
        this.audit = audit;
        this.clock = clock;
        this.events = events;
        this.hashOfNoDoor = passwords.encode("no door opens with this");
    }

    @Transactional(readOnly = true)
    DoorController.DoorShown ofClass(long classId) {
        permission.requireChange(classId);
        Set<String> names = named(classId).keySet();
        List<DoorController.AskingShown> asking =
                requests.findByClassIdAndStateOrderById(classId, JoinRequest.State.WAITING).stream()
                        .map(each -> new DoorController.AskingShown(
                                each.id,
                                each.givenName,
                                each.familyName,
                                each.askedAt,
                                names.contains(plain(each.givenName, each.familyName))))
                        .toList();
        Optional<ClassDoor> door = doors.findByClassId(classId);
        return new DoorController.DoorShown(
                door.map(each -> each.code).orElse(null),
                door.map(each -> each.opened).orElse(false),
                asking);
    }

    private Map<String, Long> named(long classId) {
        return roster.studentsOf(classId).stream()
                .collect(Collectors.toMap(
                        each -> plain(each.givenName(), each.familyName()), Roster.StudentName::id, (a, b) -> a));
    }

    private static String plain(String given, String family) {
        return (given + " " + family).strip().toLowerCase(Locale.ROOT);
    }

    @Transactional
    void set(long classId, DoorController.DoorEdit edit) {
        permission.requireChange(classId);
        ClassDoor door = doors.findByClassId(classId).orElseGet(ClassDoor::new);
        if (door.id == null) {
            door.classId = classId;
            door.code = EntryCodes.draw(6);
            if (edit.password() == null) {
                throw Refusal.unusableField(
                        "no-password", "password", "Choose a password that you tell the students of this class.");
            }
        }
        if (edit.password() != null) {
            door.passwordHash = passwords.encode(edit.password());
        }
        door.opened = edit.opened();
        doors.save(door);
        audit.note(classId, edit.opened() ? "door.opened" : "door.closed", classId, "");
    }

    /** Asks to join; a wrong code sounds and lasts like a wrong password. */
    @Transactional
    String ask(DoorController.JoinAsked asked, String address) {
        String code = EntryCodes.plain(asked.code());
        throttle.requireCalm("door " + code, address);
        Optional<ClassDoor> door = doors.findByCode(code);
        boolean right = passwords.matches(
                asked.password(), door.map(each -> each.passwordHash).orElse(hashOfNoDoor));
        if (door.isEmpty() || !right) {
            throttle.failed("door " + code, address);
            throw Refusal.wrongSignIn("Class code and password do not go together. Please ask your teacher.");
        }
        if (!door.get().opened) {
            throw Refusal.conflict("door-closed", "This class takes nobody in just now. Please ask your teacher.");
        }
        long classId = door.get().classId;
        if (requests.countByClassIdAndState(classId, JoinRequest.State.WAITING) >= MOST_WAITING) {
            throw Refusal.conflict("too-many-waiting", "Many are waiting already. Please ask your teacher.");
        }
        JoinRequest request = new JoinRequest();
        request.classId = classId;
        request.token = UUID.randomUUID().toString();
        request.givenName = asked.givenName().strip();
        request.familyName = asked.familyName().strip();
        request.askedAt = clock.instant();
        requests.save(request);
        events.publishEvent(new StudentsChanged(classId));
        return request.token;
    }

    @Transactional(readOnly = true)
    DoorController.JoinState state(String token) {
        JoinRequest request = requests.findByToken(token).orElseThrow(() -> Refusal.notFound("request"));
        String code = request.studentId == null
                ? null
                : codes.of(List.of(request.studentId)).get(request.studentId).code();
        return new DoorController.JoinState(request.state, code);
    }

    @Transactional
    void letIn(long classId, long requestId) {
        JoinRequest request = waiting(classId, requestId);
        Long known = named(classId).get(plain(request.givenName, request.familyName));
        request.studentId = known != null
                ? known
                : Long.valueOf(roster.enrol(
                        classId,
                        StudentFacts.named(request.givenName, request.familyName, roster.gradeOf(classId)),
                        school.today()));
        request.state = JoinRequest.State.LET_IN;
        requests.save(request);
        audit.note(classId, "student.joined", request.studentId, known == null ? "new" : "known");
        events.publishEvent(new StudentsChanged(classId));
    }

    @Transactional
    void turnAway(long classId, long requestId) {
        JoinRequest request = waiting(classId, requestId);
        request.state = JoinRequest.State.TURNED_AWAY;
        requests.save(request);
        audit.note(classId, "join.turned-away", requestId, request.givenName + " " + request.familyName);
    }

    private JoinRequest waiting(long classId, long requestId) {
        permission.requireChange(classId);
        return requests.findById(requestId)
                .filter(each -> each.classId == classId && each.state == JoinRequest.State.WAITING)
                .orElseThrow(() -> Refusal.notFound("request"));
    }

    @Override
    public String name() {
        return "joined by";
    }

    @Override
    public Object of(long studentId) {
        return requests.findByStudentId(studentId).stream()
                .map(each -> Map.of("asked", each.askedAt.toString()))
                .toList();
    }

    @Override
    public void erase(long studentId) {
        requests.deleteAll(requests.findByStudentId(studentId));
    }
}
