package zafu.server.corner;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AdultAccounts;
import zafu.server.access.ClassPermission;
import zafu.server.access.Reach;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.corner.MeetingApi.MeetingRoom;
import zafu.server.corner.MeetingApi.MyMeeting;
import zafu.server.corner.MeetingApi.Present;
import zafu.server.corner.MeetingRooms.Someone;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** The meeting pages of groups: students meet in theirs, an adult goes from one to the next. */
@Service
class Meetings {
    private final MeetingRooms rooms;
    private final CornerAccess access;
    private final CornerRepository corners;
    private final ClassPermission permission;
    private final Arrangements arrangements;
    private final AdultAccounts adults;
    private final Roster roster;
    private final Clock clock;

    Meetings(
            MeetingRooms rooms,
            CornerAccess access,
            CornerRepository corners,
            ClassPermission permission,
            Arrangements arrangements,
            AdultAccounts adults,
            Roster roster,
            Clock clock) {
        this.rooms = rooms;
        this.access = access;
        this.corners = corners;
        this.permission = permission;
        this.arrangements = arrangements;
        this.adults = adults;
        this.roster = roster;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    MyMeeting asStudent(long cornerId) {
        Corner corner = requireMeetsHere(access.requireMine(cornerId));
        Someone me = Someone.student(access.studentId());
        rooms.isIn(cornerId, me);
        MeetingRooms.Now now = rooms.now(cornerId);
        return new MyMeeting(
                arrangements.studentNames(List.of(corner.groupId)).get(corner.groupId),
                named(List.of(now)).of(now, me),
                now.callsSince() != null);
    }

    @Transactional(readOnly = true)
    MyMeeting call(long cornerId, boolean calling) {
        rooms.calls(requireMeetsHere(access.requireMine(cornerId)).id, calling);
        return asStudent(cornerId);
    }

    @Transactional(readOnly = true)
    void leaveAsStudent(long cornerId) {
        rooms.leaves(access.requireMine(cornerId).id, Someone.student(access.studentId()));
    }

    /** All rooms of a class as far as the adult reaches; those that call first, the longest call first. */
    @Transactional(readOnly = true)
    List<MeetingRoom> ofClass(long classId) {
        Reach reach = permission.reach(classId);
        Map<Long, GroupWithMembers> groups = arrangements.seenOfClass(classId).stream()
                .filter(each -> reach.seesGroup(each.id().value()))
                .collect(Collectors.toMap(
                        each -> each.id().value(), each -> each, (first, second) -> first, LinkedHashMap::new));
        List<Corner> meeting = corners.findByGroupIdInOrderById(groups.keySet()).stream()
                .filter(each -> each.classId == classId && isMeetingHere(each))
                .toList();
        Map<Long, MeetingRooms.Now> now = new LinkedHashMap<>();
        meeting.forEach(each -> now.put(each.id, rooms.now(each.id)));
        Names names = named(now.values());
        Someone me = Someone.adult(access.adultId());
        return meeting.stream()
                .sorted(Comparator.comparing(
                        each -> now.get(each.id).callsSince(), Comparator.nullsLast(Comparator.naturalOrder())))
                .map(each -> {
                    GroupWithMembers group = groups.get(each.groupId);
                    return new MeetingRoom(
                            each.id,
                            group.name(),
                            group.look(),
                            names.of(now.get(each.id), me),
                            group.members().size(),
                            minutesSince(now.get(each.id).callsSince()));
                })
                .toList();
    }

    @Transactional(readOnly = true)
    List<MeetingRoom> asAdult(long cornerId) {
        Corner corner = requireMeetsHere(access.requireToSee(cornerId));
        rooms.isIn(cornerId, Someone.adult(access.adultId()));
        return ofClass(corner.classId);
    }

    @Transactional(readOnly = true)
    void leaveAsAdult(long cornerId) {
        rooms.leaves(access.requireToSee(cornerId).id, Someone.adult(access.adultId()));
    }

    private @Nullable Long minutesSince(@Nullable Instant then) {
        return then == null ? null : Duration.between(then, clock.instant()).toMinutes();
    }

    static boolean isMeetingHere(Corner corner) {
        return corner.meetsHere && corner.meetingAddress.isEmpty();
    }

    private static Corner requireMeetsHere(Corner corner) {
        if (!isMeetingHere(corner)) {
            throw Refusal.notFound("meeting");
        }
        return corner;
    }

    private Names named(Iterable<MeetingRooms.Now> of) {
        Set<Long> grown = new HashSet<>();
        Set<Long> learners = new HashSet<>();
        of.forEach(now -> now.people().forEach(each -> {
            if (each.adultId() != null) {
                grown.add(each.adultId());
            } else {
                learners.add(each.studentId());
            }
        }));
        return new Names(new Speakers.Names(adults.displayNames(grown), roster.named(learners)));
    }

    private record Names(Speakers.Names known) {
        /** Adults first, then students in the order in which they came. */
        List<Present> of(MeetingRooms.Now now, Someone me) {
            List<Present> present = new ArrayList<>();
            for (Someone each : now.people()) {
                present.add(new Present(
                        known.of(each.adultId(), each.studentId()), each.adultId() != null, each.equals(me)));
            }
            present.sort(Comparator.comparing(Present::adult).reversed());
            return present;
        }
    }
}
