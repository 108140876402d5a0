package zafu.server.calendar;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.Arrangements;
import zafu.server.calendar.FeedApi.FeedShown;
import zafu.server.platform.Refusal;
import zafu.server.platform.Secrets;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** Feeds: made, listed, revoked, and read under their address. */
@Service
class CalendarFeeds {
    private static final int ADDRESS_BYTES = 24;
    private final CalendarFeedRepository feeds;
    private final StaffEntries staff;
    private final StudentEntries students;
    private final Arrangements arrangements;
    private final Roster roster;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final SchoolSettings school;
    private final Clock clock;

    CalendarFeeds(
            CalendarFeedRepository feeds,
            StaffEntries staff,
            StudentEntries students,
            Arrangements arrangements,
            Roster roster,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            SchoolSettings school,
            Clock clock) {
        this.feeds = feeds;
        this.staff = staff;
        this.students = students;
        this.arrangements = arrangements;
        this.roster = roster;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.school = school;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    List<FeedShown> ofAdult() {
        return feeds.findByAdultIdAndRevokedAtIsNullOrderById(current.adult().adultId()).stream()
                .map(this::shown)
                .toList();
    }

    @Transactional(readOnly = true)
    List<FeedShown> ofStudent() {
        return feeds.findByStudentIdAndRevokedAtIsNullOrderById(current.studentId()).stream()
                .map(this::shown)
                .toList();
    }

    @Transactional
    FeedShown makeForAdult(@Nullable Long classId, @Nullable Long groupId) {
        CalendarFeed feed = new CalendarFeed();
        feed.adultId = current.adult().adultId();
        feed.classId = groupId == null
                ? classId
                : Long.valueOf(arrangements.group(groupId).classId());
        feed.groupId = groupId;
        if (feed.classId != null) {
            permission.requireSee(feed.classId);
        }
        return keep(feed);
    }

    /** A student has one at most: making another is the way to make the first stop. */
    @Transactional
    FeedShown makeForStudent() {
        long student = current.studentId();
        feeds.findByStudentIdAndRevokedAtIsNullOrderById(student).forEach(this::revoke);
        CalendarFeed feed = new CalendarFeed();
        feed.studentId = student;
        return keep(feed);
    }

    private FeedShown keep(CalendarFeed feed) {
        feed.address = Secrets.make(ADDRESS_BYTES);
        feed.madeAt = clock.instant();
        CalendarFeed kept = feeds.save(feed);
        audit.note(feed.classId, "calendar.feed-made", kept.id, "");
        return shown(kept);
    }

    @Transactional
    void revokeForAdult(long feedId) {
        long adult = current.adult().adultId();
        revoke(feeds.findById(feedId)
                .filter(feed -> feed.adultId != null && feed.adultId == adult)
                .orElseThrow(() -> Refusal.notFound("feed")));
    }

    @Transactional
    void revokeForStudent() {
        feeds.findByStudentIdAndRevokedAtIsNullOrderById(current.studentId()).forEach(this::revoke);
    }

    private void revoke(CalendarFeed feed) {
        feed.revokedAt = clock.instant();
        feeds.save(feed);
        audit.note(feed.classId, "calendar.feed-revoked", feed.id, "");
    }

    private FeedShown shown(CalendarFeed feed) {
        return new FeedShown(feed.id, feed.classId, feed.groupId, nameOf(feed), "/calendar/" + feed.address + ".ics");
    }

    private String nameOf(CalendarFeed feed) {
        if (feed.groupId != null) {
            return arrangements.groupNames(List.of(feed.groupId)).get(feed.groupId) + ", "
                    + roster.nameOf(feed.classId);
        }
        return feed.classId == null ? school.name() : roster.nameOf(feed.classId);
    }

    /**
     * What a calendar program reads. The one whose feed it is must still have the right to see it.
     *
     * @throws Refusal not found, whether the address is unknown, revoked, or no longer allowed
     */
    @Transactional(readOnly = true)
    String read(String address) {
        CalendarFeed feed =
                feeds.findByAddressAndRevokedAtIsNull(address).orElseThrow(() -> Refusal.notFound("calendar"));
        List<Entry> entries = feed.studentId != null ? students.of(feed.studentId) : ofAdult(feed);
        String name = feed.studentId != null ? school.name() : nameOf(feed);
        return CalendarText.of(name, entries, clock.instant());
    }

    private List<Entry> ofAdult(CalendarFeed feed) {
        List<Entry> entries = new ArrayList<>();
        for (long classId : classesOf(feed)) {
            entries.addAll(staff.of(classId, feed.groupId));
        }
        return entries;
    }

    private List<Long> classesOf(CalendarFeed feed) {
        List<Long> classes = permission.classesOfAdult(feed.adultId);
        if (feed.classId == null) {
            return roster.inUse(classes);
        }
        if (!classes.contains(feed.classId)) {
            throw Refusal.notFound("calendar");
        }
        return List.of(feed.classId);
    }

    /** The calendar of a class, for whoever is signed in. */
    @Transactional(readOnly = true)
    String ofClass(long classId, @Nullable Long groupId) {
        permission.requireSee(classId);
        if (groupId != null && arrangements.group(groupId).classId() != classId) {
            throw Refusal.notFound("group");
        }
        return CalendarText.of(roster.nameOf(classId), staff.of(classId, groupId), clock.instant());
    }

    @Transactional(readOnly = true)
    String mine() {
        return CalendarText.of(school.name(), students.of(current.studentId()), clock.instant());
    }

    /** As part of a student's record. */
    List<Map<String, Object>> recordOf(long studentId) {
        return feeds.findByStudentId(studentId).stream()
                .map(feed -> Map.<String, Object>of(
                        "made", feed.madeAt.toString(), "revoked", String.valueOf(feed.revokedAt)))
                .toList();
    }

    void erase(long studentId) {
        feeds.deleteAll(feeds.findByStudentId(studentId));
    }
}
