package zafu.server.corner;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** Reads what is in corners, in as many statements for twenty as for one. Permission is the caller's to check. */
@Component
class CornerContents {
    private final NoticeRepository notices;
    private final NoticeCornerRepository noticeCorners;
    private final TalkRepository talks;
    private final TalkPostRepository posts;
    private final CornerFileRepository files;

    CornerContents(
            NoticeRepository notices,
            NoticeCornerRepository noticeCorners,
            TalkRepository talks,
            TalkPostRepository posts,
            CornerFileRepository files) {
        this.notices = notices;
        this.noticeCorners = noticeCorners;
        this.talks = talks;
        this.posts = posts;
        this.files = files;
    }

    /**
     * @param cornersOf the corners that each notice is for, by notice
     * @param posts by talk
     * @param noticeFiles by notice
     */
    record Read(
            List<Notice> notices,
            Map<Long, List<Long>> cornersOf,
            List<Talk> talks,
            Map<Long, List<TalkPost>> posts,
            Map<Long, List<CornerFile>> noticeFiles) {

        List<Notice> noticesOf(Corner corner) {
            return notices.stream()
                    .filter(each -> each.everyone && each.classId == corner.classId
                            || cornersOf.getOrDefault(each.id, List.of()).contains(corner.id))
                    .toList();
        }

        List<TalkPost> postsOf(Corner corner) {
            return talks.stream()
                    .filter(talk -> talk.cornerId == corner.id)
                    .flatMap(talk -> posts.getOrDefault(talk.id, List.of()).stream())
                    .toList();
        }

        /** When each thing in a corner came that somebody else said and that is not hidden. */
        List<Instant> newsOf(Corner corner) {
            List<Instant> news = new ArrayList<>();
            noticesOf(corner).forEach(each -> news.add(each.showFrom));
            postsOf(corner).stream().filter(each -> each.hiddenAt == null).forEach(each -> news.add(each.postedAt));
            return news;
        }
    }

    /** @param classIds whose notices to everybody are read too */
    Read of(Collection<Corner> corners, Collection<Long> classIds) {
        List<Long> ids = corners.stream().map(each -> each.id).toList();
        List<Notice> said = notices.forThese(classIds, ids);
        List<Long> noticeIds = said.stream().map(each -> each.id).toList();
        Map<Long, List<Long>> cornersOf = new LinkedHashMap<>();
        noticeCorners.findByNoticeIdIn(noticeIds).forEach(each -> cornersOf
                .computeIfAbsent(each.noticeId, id -> new ArrayList<>())
                .add(each.cornerId));
        List<Talk> begun = talks.findByCornerIdInOrderByIdDesc(ids);
        Map<Long, List<TalkPost>> byTalk =
                posts
                        .findByTalkIdInOrderById(
                                begun.stream().map(each -> each.id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(each -> each.talkId));
        Map<Long, List<CornerFile>> byNotice =
                files.findByNoticeIdInAndRemovedAtIsNullOrderByAddedAtAscIdAsc(noticeIds).stream()
                        .collect(Collectors.groupingBy(each -> each.noticeId));
        return new Read(said, cornersOf, begun, byTalk, byNotice);
    }

    List<CornerFile> folderOf(Corner corner) {
        return files.findByCornerIdAndRemovedAtIsNullOrderByAddedAtDescIdDesc(corner.id);
    }
}
