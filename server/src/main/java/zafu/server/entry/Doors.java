package zafu.server.entry;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.EntryCodes;
import zafu.server.arrangement.Arrangements;
import zafu.server.platform.Refusal;
import zafu.server.platform.Secrets;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;
import zafu.server.roster.StudentFacts;
import zafu.server.roster.StudentPart;
import zafu.server.roster.StudentsChanged;

/** Lets students ask to join a class, and teachers say who comes in. */
@Service
class Doors implements StudentPart {
    private static final int MOST_WAITING = 60;
    private static final Duration TO_BE_TOLD = Duration.ofMinutes(10);
    private final ClassDoorRepository doors;
    private final DoorKeys keys;
    private final GroupDoors groups;
    private final Arrangements arrangements;
    private final JoinRequestRepository requests;
    private final Roster roster;
    private final EntryCodes codes;
    private final ClassPermission permission;
    private final PasswordEncoder passwords;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final Clock clock;
    private final ApplicationEventPublisher events;

    Doors(
            ClassDoorRepository doors,
            DoorKeys keys,
            GroupDoors groups,
            Arrangements arrangements,
            JoinRequestRepository requests,
            Roster roster,
            EntryCodes codes,
            ClassPermission permission,
            PasswordEncoder passwords,
            SchoolSettings school,
            AuditTrail audit,
            Clock clock,
            ApplicationEventPublisher events) {
        this.doors = doors;
        this.keys = keys;
        this.groups = groups;
        this.arrangements = arrangements;
        this.requests = requests;
        this.roster = roster;
        this.codes = codes;
        this.permission = permission;
        this.passwords = passwords;
        this.school = school;
        this.audit = audit;
        this.clock = clock;
        this.events = events;
    }

    @Transactional(readOnly = true)
    DoorApi.DoorShown ofClass(long classId) {
        permission.requireChange(classId);
        Set<String> names = named(classId).keySet();
        List<JoinRequest> waiting = requests.findByClassIdAndStateOrderById(classId, JoinRequest.State.WAITING);
        Map<Long, String> groupNames = arrangements.groupNames(waiting.stream()
                .map(each -> each.groupId)
                .filter(Objects::nonNull)
                .distinct()
                .toList());
        List<DoorApi.AskingShown> asking = waiting.stream()
                .map(each -> new DoorApi.AskingShown(
                        each.id,
                        each.givenName,
                        each.familyName,
                        each.groupId == null ? null : groupNames.get(each.groupId),
                        each.askedAt,
                        names.contains(plain(each.givenName, each.familyName))))
                .toList();
        Optional<ClassDoor> door = doors.findByClassId(classId);
        return new DoorApi.DoorShown(
                door.map(each -> each.code).orElse(null),
                door.map(each -> each.opened).orElse(false),
                asking,
                groups.askingIn(classId));
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
    void set(long classId, DoorApi.DoorEdit edit) {
        permission.requireChange(classId);
        ClassDoor door = doors.findByClassId(classId).orElseGet(ClassDoor::new);
        if (door.id == null) {
            door.classId = classId;
            door.code = EntryCodes.draw(6);
            if (edit.password() == null) {
                throw Refusal.unusableField(
                        "no-password", "password", inWords("entry.choose-a-password-that-you-tell"));
            }
        }
        if (edit.password() != null) {
            door.passwordHash = passwords.encode(edit.password());
        }
        door.opened = edit.opened();
        doors.save(door);
        audit.note(classId, edit.opened() ? "door.opened" : "door.closed", classId, "");
    }

    /** Asks to join with the code of a class or a group; a wrong code sounds and lasts like a wrong password. */
    @Transactional
    String ask(DoorApi.JoinAsked asked, String browser) {
        DoorKeys.Door door = keys.open(asked.code(), asked.password(), "joining a class");
        long classId = door.classId();
        if (requests.countByClassIdAndState(classId, JoinRequest.State.WAITING) >= MOST_WAITING) {
            throw Refusal.conflict("too-many-waiting", inWords("everyone.many-are-waiting-already-please"));
        }
        JoinRequest request = new JoinRequest();
        request.classId = classId;
        request.groupId = door.groupId();
        request.token = UUID.randomUUID().toString();
        request.browserHash = Secrets.hash(browser);
        request.givenName = asked.givenName().strip();
        request.familyName = asked.familyName().strip();
        request.askedAt = clock.instant();
        requests.save(request);
        events.publishEvent(new StudentsChanged(classId));
        return request.token;
    }

    @Transactional(readOnly = true)
    JoinRequest.State state(String token, String browser) {
        return asked(token, browser).state;
    }

    /**
     * The code of a student who was let in, told once. Not after ten minutes, not of a door that was closed, and not when
     * the code was replaced since: then it is somebody else's secret.
     */
    @Transactional
    String code(String token, String browser) {
        JoinRequest request = asked(token, browser);
        Instant now = clock.instant();
        boolean inTime = request.letInAt != null && now.isBefore(request.letInAt.plus(TO_BE_TOLD));
        boolean open = keys.isOpen(request.classId, request.groupId);
        EntryCodes.Issued issued = request.studentId == null
                ? null
                : codes.of(List.of(request.studentId)).get(request.studentId);
        if (!inTime
                || !open
                || request.toldAt != null
                || issued == null
                || issued.code() == null
                || issued.issuedAt().isAfter(request.letInAt)) {
            throw Refusal.conflict("not-told-again", inWords("everyone.you-are-in-your-teacher-has-a-card"));
        }
        request.toldAt = now;
        return issued.code();
    }

    private JoinRequest asked(String token, String browser) {
        return requests.findByToken(token)
                .filter(each -> each.browserHash.equals(Secrets.hash(browser)))
                .orElseThrow(() -> Refusal.notFound("request"));
    }

    /** @param who what the teacher said of a name that is in the class already */
    @Transactional
    void letIn(long classId, long requestId, DoorApi.@Nullable Known who) {
        JoinRequest request = waiting(classId, requestId);
        Long named = named(classId).get(plain(request.givenName, request.familyName));
        if (named != null && who == null) {
            throw Refusal.conflict(
                    "known-name",
                    inWords(
                            "entry.there-is-in-this-class-already-say",
                            "givenName",
                            request.givenName,
                            "familyName",
                            request.familyName));
        }
        Long known = who == DoorApi.Known.ANOTHER ? null : named;
        request.studentId = known != null
                ? known
                : Long.valueOf(roster.enrol(
                        classId,
                        StudentFacts.named(request.givenName, request.familyName, roster.gradeOf(classId)),
                        school.today()));
        request.state = JoinRequest.State.LET_IN;
        request.letInAt = clock.instant();
        requests.save(request);
        audit.note(classId, "student.joined", request.studentId, known == null ? "new" : "known");
        if (request.groupId != null) {
            groups.letInStudent(request.groupId, request.studentId);
        }
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
