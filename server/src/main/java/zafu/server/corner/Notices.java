package zafu.server.corner;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.Reach;
import zafu.server.attempt.MineChanged;
import zafu.server.corner.CornerApi.NoticeEdit;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** What is said to several corners or to everybody: one notice, wherever it is seen. */
@Service
class Notices {
    private final NoticeRepository notices;
    private final NoticeCornerRepository places;
    private final CornerRepository corners;
    private final CornerAccess access;
    private final ClassPermission permission;
    private final Roster roster;
    private final SchoolSettings school;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Notices(
            NoticeRepository notices,
            NoticeCornerRepository places,
            CornerRepository corners,
            CornerAccess access,
            ClassPermission permission,
            Roster roster,
            SchoolSettings school,
            AuditTrail audit,
            ApplicationEventPublisher events,
            Clock clock) {
        this.notices = notices;
        this.places = places;
        this.corners = corners;
        this.access = access;
        this.permission = permission;
        this.roster = roster;
        this.school = school;
        this.audit = audit;
        this.events = events;
        this.clock = clock;
    }

    @Transactional
    long say(long classId, NoticeEdit wanted) {
        requireChange(classId, wanted.everyone(), wanted.corners());
        Notice made = new Notice();
        made.classId = classId;
        made.madeBy = access.adultId();
        made.madeAt = clock.instant();
        fill(made, wanted);
        notices.save(made);
        place(made, wanted);
        told(made, "notice.made");
        return made.id;
    }

    @Transactional
    void correct(long noticeId, NoticeEdit wanted) {
        Notice notice = requireToChange(noticeId);
        requireChange(notice.classId, wanted.everyone(), wanted.corners());
        Corners.requireSame(notice.version, wanted.version(), "notice");
        told(notice, "notice.before");
        fill(notice, wanted);
        notices.saveAndFlush(notice);
        place(notice, wanted);
        told(notice, "notice.corrected");
    }

    @Transactional
    void remove(long noticeId, boolean removed) {
        Notice notice = requireToChange(noticeId);
        notice.removedAt = removed ? clock.instant() : null;
        notices.save(notice);
        told(notice, removed ? "notice.removed" : "notice.restored");
    }

    Notice requireToChange(long noticeId) {
        access.adultId();
        Notice notice = notices.findById(noticeId).orElseThrow(() -> Refusal.notFound("notice"));
        requireChange(notice.classId, notice.everyone, cornersOf(notice));
        return notice;
    }

    /** Who has to do with a corner in which the notice stands. */
    void requireToSee(Notice notice) {
        access.adultId();
        Reach reach = permission.reach(notice.classId);
        boolean seen = reach.isWhole()
                || notice.everyone
                || corners.findAllById(cornersOf(notice)).stream().anyMatch(each -> reach.seesGroup(each.groupId));
        if (!seen) {
            throw Refusal.notFound("notice");
        }
    }

    /** Teachers of the class; and support staff where every corner is of a group that they lead. */
    private void requireChange(long classId, boolean everyone, Collection<Long> cornerIds) {
        if (!access.mayChange(classId, everyone, corners.findAllById(cornerIds))) {
            permission.requireChange(classId);
        }
    }

    private void fill(Notice notice, NoticeEdit wanted) {
        if (!wanted.everyone() && wanted.corners().isEmpty()) {
            throw Refusal.unusableField("for-nobody", "corners", inWords("corner.choose-at-least-one-corner-or"));
        }
        notice.text = wanted.text().strip();
        notice.link = Corners.address(wanted.link(), "link");
        notice.everyone = wanted.everyone();
        notice.showFrom = Optional.ofNullable(school.moment(wanted.showFrom())).orElse(clock.instant());
    }

    private void place(Notice notice, NoticeEdit wanted) {
        List<Corner> wantedCorners = corners.findAllById(wanted.corners());
        if (wantedCorners.size() != wanted.corners().stream().distinct().count()
                || wantedCorners.stream().anyMatch(each -> each.classId != notice.classId)) {
            throw Refusal.notFound("corner");
        }
        places.deleteByNoticeId(notice.id);
        places.flush();
        for (Corner each : wantedCorners) {
            NoticeCorner place = new NoticeCorner();
            place.noticeId = notice.id;
            place.cornerId = each.id;
            places.save(place);
        }
    }

    private List<Long> cornersOf(Notice notice) {
        return places.findByNoticeIdIn(List.of(notice.id)).stream()
                .map(each -> each.cornerId)
                .toList();
    }

    private void told(Notice notice, String what) {
        audit.note(notice.classId, what, notice.id, notice.text);
        access.tell(notice.classId, corners.findAllById(cornersOf(notice)));
        if (notice.everyone) {
            roster.studentsOf(notice.classId).forEach(each -> events.publishEvent(new MineChanged(each.id())));
        }
    }

    /** Whether students see it at a moment. */
    static boolean isShown(Notice notice, Instant now) {
        return notice.removedAt == null && !notice.showFrom.isAfter(now);
    }
}
