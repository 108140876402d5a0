package zafu.server.corner;

import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.ClassPermission;
import zafu.server.access.Reach;
import zafu.server.arrangement.Arrangements;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.corner.CornerApi.CornerCard;
import zafu.server.corner.CornerApi.CornerFileShown;
import zafu.server.corner.CornerApi.CornerShown;
import zafu.server.corner.CornerApi.CornersShown;
import zafu.server.corner.CornerApi.GroupWithout;
import zafu.server.corner.CornerApi.NoticeShown;
import zafu.server.corner.CornerApi.PostShown;
import zafu.server.corner.CornerApi.TalkShown;
import zafu.server.platform.Refusal;
import zafu.server.roster.SchoolSettings;

/** Corners as adults see them: with the group's own name, unread first, and all that was said. */
@Service
class CornerReader {
    private final CornerRepository corners;
    private final CornerVisitRepository visits;
    private final CornerContents contents;
    private final CornerAccess access;
    private final Arrangements arrangements;
    private final ClassPermission permission;
    private final Speakers speakers;
    private final SchoolSettings school;
    private final Clock clock;

    CornerReader(
            CornerRepository corners,
            CornerVisitRepository visits,
            CornerContents contents,
            CornerAccess access,
            Arrangements arrangements,
            ClassPermission permission,
            Speakers speakers,
            SchoolSettings school,
            Clock clock) {
        this.corners = corners;
        this.visits = visits;
        this.contents = contents;
        this.access = access;
        this.arrangements = arrangements;
        this.permission = permission;
        this.speakers = speakers;
        this.school = school;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    CornersShown all(long classId) {
        Reach reach = permission.reach(classId);
        Map<Long, GroupWithMembers> groups = groupsOf(classId);
        groups.keySet().removeIf(id -> !reach.seesGroup(id));
        List<Corner> there = corners.findByGroupIdInOrderById(groups.keySet()).stream()
                .filter(each -> each.classId == classId)
                .toList();
        List<Long> with = there.stream().map(each -> each.groupId).toList();
        return new CornersShown(
                cards(there, groups, contents.of(there, List.of(classId))).stream()
                        .sorted(Comparator.comparingInt((CornerCard each) -> -each.reported())
                                .thenComparing(each -> -each.unread()))
                        .toList(),
                groups.values().stream()
                        .filter(each -> !with.contains(each.id().value()))
                        .map(each ->
                                new GroupWithout(each.id().value(), each.name(), each.look(), each.arrangementName()))
                        .toList(),
                permission.mayChange(classId));
    }

    @Transactional(readOnly = true)
    CornerShown one(long cornerId) {
        Corner corner = access.requireToSee(cornerId);
        Map<Long, GroupWithMembers> groups = groupsOf(corner.classId);
        if (!groups.containsKey(corner.groupId)) {
            throw Refusal.notFound("corner");
        }
        CornerContents.Read read = contents.of(List.of(corner), List.of(corner.classId));
        List<CornerFile> folder = contents.folderOf(corner);
        Speakers.Names names = speakers.of(read, folder);
        return new CornerShown(
                cards(List.of(corner), groups, read).get(0),
                corner.meetingAddress,
                corner.meetsHere,
                corner.studentsAdd,
                corner.version,
                read.noticesOf(corner).stream()
                        .map(each -> shown(each, read, names))
                        .toList(),
                read.talks().stream().map(each -> shown(each, read, names)).toList(),
                folder.stream().map(each -> shown(each, names)).toList(),
                access.mayChange(corner));
    }

    private Map<Long, GroupWithMembers> groupsOf(long classId) {
        return arrangements.seenOfClass(classId).stream()
                .collect(Collectors.toMap(
                        each -> each.id().value(), each -> each, (first, second) -> first, LinkedHashMap::new));
    }

    private List<CornerCard> cards(List<Corner> of, Map<Long, GroupWithMembers> groups, CornerContents.Read read) {
        Map<Long, String> studentNames = arrangements.studentNames(groups.keySet());
        Map<Long, Instant> readAt = new LinkedHashMap<>();
        visits.findByAdultIdAndCornerIdIn(
                        access.adultId(), of.stream().map(each -> each.id).toList())
                .forEach(each -> readAt.put(each.cornerId, each.readAt));
        return of.stream()
                .map(corner -> card(
                        corner,
                        groups.get(corner.groupId),
                        studentNames.get(corner.groupId),
                        read,
                        readAt.getOrDefault(corner.id, Instant.EPOCH)))
                .toList();
    }

    private CornerCard card(
            Corner corner,
            GroupWithMembers group,
            @Nullable String studentName,
            CornerContents.Read read,
            Instant readAt) {
        List<TalkPost> posts = read.postsOf(corner);
        long me = access.adultId();
        return new CornerCard(
                corner.id,
                corner.groupId,
                group.name(),
                studentName,
                group.look(),
                group.arrangementName(),
                group.members().size(),
                (int) posts.stream()
                        .filter(each -> each.postedAt.isAfter(readAt) && !Objects.equals(each.adultId, me))
                        .count(),
                (int) posts.stream()
                        .filter(each -> each.reportedAt != null && each.hiddenAt == null)
                        .count(),
                school.local(
                        read.newsOf(corner).stream().max(Instant::compareTo).orElse(null)));
    }

    private NoticeShown shown(Notice notice, CornerContents.Read read, Speakers.Names names) {
        return new NoticeShown(
                notice.id,
                notice.text,
                notice.link,
                notice.everyone,
                read.cornersOf().getOrDefault(notice.id, List.of()),
                Objects.requireNonNull(school.local(notice.showFrom)),
                !Notices.isShown(notice, clock.instant()),
                names.adult(notice.madeBy),
                read.noticeFiles().getOrDefault(notice.id, List.of()).stream()
                        .map(each -> shown(each, names))
                        .toList(),
                mayChange(notice, read),
                notice.version);
    }

    private boolean mayChange(Notice notice, CornerContents.Read read) {
        List<Long> in = read.cornersOf().getOrDefault(notice.id, List.of());
        return access.mayChange(notice, corners.findAllById(in));
    }

    private TalkShown shown(Talk talk, CornerContents.Read read, Speakers.Names names) {
        return new TalkShown(
                talk.id,
                talk.title,
                talk.postFirst,
                talk.closedAt != null,
                talk.version,
                read.posts().getOrDefault(talk.id, List.of()).stream()
                        .map(each -> new PostShown(
                                each.id,
                                names.of(each.adultId, each.studentId),
                                each.studentId,
                                each.onlyFor == null ? null : names.of(null, each.onlyFor),
                                each.text,
                                Objects.requireNonNull(school.local(each.postedAt)),
                                each.hiddenAt != null,
                                each.reportedAt != null))
                        .toList());
    }

    private CornerFileShown shown(CornerFile file, Speakers.Names names) {
        return new CornerFileShown(
                file.id,
                file.name,
                file.size,
                names.of(file.adultId, file.studentId),
                Objects.requireNonNull(school.local(file.addedAt)));
    }
}
