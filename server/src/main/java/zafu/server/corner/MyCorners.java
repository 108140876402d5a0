package zafu.server.corner;

import java.time.Clock;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.arrangement.Arrangements;
import zafu.server.corner.MyCornerApi.MyCorner;
import zafu.server.corner.MyCornerApi.MyCornerFile;
import zafu.server.corner.MyCornerApi.MyCornerPage;
import zafu.server.corner.MyCornerApi.MyCornersShown;
import zafu.server.corner.MyCornerApi.MyNotice;
import zafu.server.corner.MyCornerApi.MyPost;
import zafu.server.corner.MyCornerApi.MyTalk;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** Corners as the signed-in student sees them: without the group's own name, without what is hidden or for another. */
@Service
class MyCorners {
    private static final int NOTICES_ON_MY_WORK = 20;

    private final CornerAccess access;
    private final CornerContents contents;
    private final CornerVisitRepository visits;
    private final Arrangements arrangements;
    private final Roster roster;
    private final Speakers speakers;
    private final SchoolSettings school;
    private final Clock clock;

    MyCorners(
            CornerAccess access,
            CornerContents contents,
            CornerVisitRepository visits,
            Arrangements arrangements,
            Roster roster,
            Speakers speakers,
            SchoolSettings school,
            Clock clock) {
        this.access = access;
        this.contents = contents;
        this.visits = visits;
        this.arrangements = arrangements;
        this.roster = roster;
        this.speakers = speakers;
        this.school = school;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    MyCornersShown all() {
        long me = access.studentId();
        List<Corner> mine = access.mine();
        CornerContents.Read read = contents.of(mine, roster.classesOf(me));
        Speakers.Names names = speakers.of(read, List.of());
        Map<Long, String> called = arrangements.studentNames(
                mine.stream().map(each -> each.groupId).toList());
        Map<Long, Instant> readAt = readAt(me, mine);
        return new MyCornersShown(
                mine.stream()
                        .map(each -> new MyCorner(
                                each.id,
                                called.get(each.groupId),
                                unread(read, each, me, readAt.getOrDefault(each.id, Instant.EPOCH))))
                        .toList(),
                shown(read.notices(), read, names).stream()
                        .limit(NOTICES_ON_MY_WORK)
                        .toList());
    }

    @Transactional(readOnly = true)
    MyCornerPage one(long cornerId) {
        Corner corner = access.requireMine(cornerId);
        long me = access.studentId();
        CornerContents.Read read = contents.of(List.of(corner), List.of(corner.classId));
        List<CornerFile> folder = contents.folderOf(corner);
        Speakers.Names names = speakers.of(read, folder);
        return new MyCornerPage(
                corner.id,
                arrangements.studentNames(List.of(corner.groupId)).get(corner.groupId),
                corner.meetingAddress,
                Meetings.isMeetingHere(corner),
                corner.studentsAdd,
                shown(read.noticesOf(corner), read, names),
                read.talks().stream().map(each -> shown(each, read, names, me)).toList(),
                folder.stream().map(each -> shown(each, names)).toList());
    }

    @Transactional
    void read(long cornerId) {
        access.requireMine(cornerId);
        long me = access.studentId();
        CornerVisit visit = visits.findByStudentIdAndCornerIdIn(me, List.of(cornerId)).stream()
                .findFirst()
                .orElseGet(CornerVisit::new);
        visit.cornerId = cornerId;
        visit.studentId = me;
        visit.readAt = clock.instant();
        visits.save(visit);
    }

    /** Whether a notice is shown to the signed-in student now. */
    boolean sees(@Nullable Long noticeId) {
        return contents.of(access.mine(), roster.classesOf(access.studentId())).notices().stream()
                .anyMatch(each -> Objects.equals(each.id, noticeId) && Notices.isShown(each, clock.instant()));
    }

    private Map<Long, Instant> readAt(long me, List<Corner> of) {
        Map<Long, Instant> readAt = new LinkedHashMap<>();
        visits.findByStudentIdAndCornerIdIn(me, of.stream().map(each -> each.id).toList())
                .forEach(each -> readAt.put(each.cornerId, each.readAt));
        return readAt;
    }

    private int unread(CornerContents.Read read, Corner corner, long me, Instant since) {
        Instant now = clock.instant();
        long notices = read.noticesOf(corner).stream()
                .filter(each -> Notices.isShown(each, now) && each.showFrom.isAfter(since))
                .count();
        long posts = read.talks().stream()
                .filter(talk -> talk.cornerId == corner.id)
                .flatMap(talk -> seen(talk, read, me).stream())
                .filter(each -> each.postedAt.isAfter(since) && !Objects.equals(each.studentId, me))
                .count();
        return (int) (notices + posts);
    }

    /** What of a talk a student reads: nothing hidden, nothing for another, and not the others before having spoken. */
    private static List<TalkPost> seen(Talk talk, CornerContents.Read read, long me) {
        List<TalkPost> all = read.posts().getOrDefault(talk.id, List.of());
        boolean spoke = all.stream().anyMatch(each -> Objects.equals(each.studentId, me));
        return all.stream()
                .filter(each -> each.hiddenAt == null)
                .filter(each -> each.onlyFor == null || each.onlyFor == me)
                .filter(each -> !talk.postFirst || spoke || each.studentId == null)
                .toList();
    }

    private List<MyNotice> shown(List<Notice> of, CornerContents.Read read, Speakers.Names names) {
        return of.stream()
                .filter(each -> Notices.isShown(each, clock.instant()))
                .map(each -> new MyNotice(
                        each.id,
                        each.text,
                        each.link,
                        Objects.requireNonNull(school.local(each.showFrom)),
                        names.adult(each.madeBy),
                        read.noticeFiles().getOrDefault(each.id, List.of()).stream()
                                .map(file -> shown(file, names))
                                .toList()))
                .toList();
    }

    private MyTalk shown(Talk talk, CornerContents.Read read, Speakers.Names names, long me) {
        boolean spoke = read.posts().getOrDefault(talk.id, List.of()).stream()
                .anyMatch(each -> Objects.equals(each.studentId, me));
        return new MyTalk(
                talk.id,
                talk.title,
                talk.closedAt != null,
                talk.postFirst && !spoke,
                seen(talk, read, me).stream()
                        .map(each -> new MyPost(
                                each.id,
                                names.of(each.adultId, each.studentId),
                                Objects.equals(each.studentId, me),
                                each.adultId != null,
                                each.onlyFor != null,
                                each.text,
                                Objects.requireNonNull(school.local(each.postedAt)),
                                Objects.equals(each.reportedBy, me)))
                        .toList());
    }

    private static MyCornerFile shown(CornerFile file, Speakers.Names names) {
        return new MyCornerFile(file.id, file.name, file.size, names.of(file.adultId, file.studentId));
    }
}
