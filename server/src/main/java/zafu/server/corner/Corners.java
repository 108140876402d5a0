package zafu.server.corner;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements;
import zafu.server.corner.CornerApi.CornerEdit;
import zafu.server.platform.Refusal;
import zafu.server.platform.WebAddress;

/** Makes corners and says what may be done in them. */
@Service
class Corners {
    private final CornerRepository corners;
    private final CornerVisitRepository visits;
    private final CornerAccess access;
    private final Arrangements arrangements;
    private final ClassPermission permission;
    private final AuditTrail audit;
    private final Clock clock;

    Corners(
            CornerRepository corners,
            CornerVisitRepository visits,
            CornerAccess access,
            Arrangements arrangements,
            ClassPermission permission,
            AuditTrail audit,
            Clock clock) {
        this.corners = corners;
        this.visits = visits;
        this.access = access;
        this.arrangements = arrangements;
        this.permission = permission;
        this.audit = audit;
        this.clock = clock;
    }

    /** The id of the group's corner, which is made where there is none. */
    @Transactional
    long open(long groupId) {
        Arrangements.GroupOfClass group = arrangements.group(groupId);
        permission.requireChange(group.classId());
        Optional<Corner> known = corners.findByGroupId(groupId);
        if (known.isPresent()) {
            return known.get().id;
        }
        Corner made = new Corner();
        made.groupId = groupId;
        made.classId = group.classId();
        made.openedAt = clock.instant();
        made.openedBy = access.adultId();
        corners.save(made);
        audit.note(made.classId, "corner.opened", made.id, group.name(), Set.of(AuditSubject.group(made.groupId)));
        access.tell(made.classId, List.of(made));
        return made.id;
    }

    @Transactional
    void change(long cornerId, CornerEdit wanted) {
        Corner corner = access.requireToChange(cornerId);
        requireSame(corner.version, wanted.version(), "corner");
        corner.meetingAddress = address(wanted.meetingAddress(), "meetingAddress");
        corner.meetsHere = wanted.meetsHere();
        corner.studentsAdd = wanted.studentsAdd();
        corners.saveAndFlush(corner);
        audit.note(corner.classId, "corner.changed", cornerId, corner.meetingAddress);
        access.tell(corner.classId, List.of(corner));
    }

    @Transactional
    void readByAdult(long cornerId) {
        access.requireToSee(cornerId);
        CornerVisit visit = visits.findByAdultIdAndCornerIdIn(access.adultId(), List.of(cornerId)).stream()
                .findFirst()
                .orElseGet(CornerVisit::new);
        visit.cornerId = cornerId;
        visit.adultId = access.adultId();
        visit.readAt = clock.instant();
        visits.save(visit);
    }

    /** Whoever changes something must have seen how it is now; otherwise their words stay with them. */
    static void requireSame(long now, long seen, String what) {
        if (now != seen) {
            throw Refusal.conflict("changed-since", inWords("corner.changed." + what));
        }
    }

    /** The address of a page, or empty. */
    static String address(String typed, String field) {
        String address = typed.strip();
        if (address.isEmpty() || WebAddress.isOne(address)) {
            return address;
        }
        throw Refusal.unusableField("no-address", field, inWords("corner.an-address-begins-with-https-and"));
    }
}
