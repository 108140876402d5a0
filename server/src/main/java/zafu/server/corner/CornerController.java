package zafu.server.corner;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zafu.server.platform.Downloads;

/** All corners of a class, for its adults. */
@RestController
class CornerController {
    private final CornerReader reader;
    private final Corners corners;
    private final Notices notices;
    private final Talks talks;
    private final SharedFiles files;

    CornerController(CornerReader reader, Corners corners, Notices notices, Talks talks, SharedFiles files) {
        this.reader = reader;
        this.corners = corners;
        this.notices = notices;
        this.talks = talks;
        this.files = files;
    }

    /** @param without groups of arrangements in use that have no corner yet */
    record CornersShown(List<CornerCard> corners, List<GroupWithout> without, boolean mayChange) {}

    /**
     * @param studentName what students call the group, absent where they are told no name
     * @param unread what came since the adult looked last
     * @param reported posts that a student reported and nobody has hidden or let stand
     * @param latest when the last thing came
     */
    record CornerCard(
            long id,
            long groupId,
            String group,
            @Nullable String studentName,
            int look,
            String arrangement,
            int students,
            int unread,
            int reported,
            @Nullable LocalDateTime latest) {}

    record GroupWithout(long groupId, String name, int look, String arrangement) {}

    record CornerShown(
            CornerCard card,
            String meetingAddress,
            boolean meetsHere,
            boolean studentsAdd,
            long version,
            List<NoticeShown> notices,
            List<TalkShown> talks,
            List<CornerFileShown> files,
            boolean mayChange) {}

    /**
     * @param corners ids of those it is for, besides being for everyone in the class or not
     * @param waits whether students do not see it yet
     * @param mayChange whether the asking adult corrects it and takes it away
     */
    record NoticeShown(
            long id,
            String text,
            String link,
            boolean everyone,
            List<Long> corners,
            LocalDateTime showFrom,
            boolean waits,
            String by,
            List<CornerFileShown> files,
            boolean mayChange,
            long version) {}

    record TalkShown(long id, String title, boolean postFirst, boolean closed, long version, List<PostShown> posts) {}

    /**
     * @param studentId of the student who said it, absent for an adult
     * @param onlyFor the given name of the student to whom alone it is said
     */
    record PostShown(
            long id,
            String by,
            @Nullable Long studentId,
            @Nullable String onlyFor,
            String text,
            LocalDateTime at,
            boolean hidden,
            boolean reported) {}

    record CornerFileShown(long id, String name, long size, String by, LocalDateTime at) {}

    record CornerMade(long id) {}

    /**
     * @param meetingAddress of a page anywhere, empty for none
     * @param meetsHere whether the group meets on a page of ours where there is no address
     */
    record CornerEdit(
            @NotNull @Size(max = 2000) String meetingAddress, boolean meetsHere, boolean studentsAdd, long version) {}

    /**
     * @param corners ids of those it is for
     * @param showFrom when students see it, absent for now
     */
    record NoticeEdit(
            @NotBlank @Size(max = 8000) String text,
            @NotNull @Size(max = 2000) String link,
            boolean everyone,
            @NotNull @Size(max = 100) List<Long> corners,
            @Nullable LocalDateTime showFrom,
            long version) {}

    record Removed(boolean removed) {}

    record TalkEdit(@NotBlank @Size(max = 200) String title, boolean postFirst, boolean closed, long version) {}

    /** @param onlyFor the student to whom alone it is said */
    record PostWritten(@NotBlank @Size(max = 4000) String text, @Nullable Long onlyFor) {}

    record PostHidden(boolean hidden) {}

    @GetMapping("/api/classes/{classId}/corners")
    CornersShown all(@PathVariable long classId) {
        return reader.all(classId);
    }

    @GetMapping("/api/corners/{cornerId}")
    CornerShown one(@PathVariable long cornerId) {
        return reader.one(cornerId);
    }

    @PostMapping("/api/groups/{groupId}/corner")
    CornerMade open(@PathVariable long groupId) {
        return new CornerMade(corners.open(groupId));
    }

    @PutMapping("/api/corners/{cornerId}")
    void change(@PathVariable long cornerId, @Valid @RequestBody CornerEdit wanted) {
        corners.change(cornerId, wanted);
    }

    /** The adult has seen all there is in the corner now. */
    @PostMapping("/api/corners/{cornerId}/read")
    void read(@PathVariable long cornerId) {
        corners.readByAdult(cornerId);
    }

    @PostMapping("/api/classes/{classId}/notices")
    CornerMade say(@PathVariable long classId, @Valid @RequestBody NoticeEdit wanted) {
        return new CornerMade(notices.say(classId, wanted));
    }

    @PutMapping("/api/notices/{noticeId}")
    void correct(@PathVariable long noticeId, @Valid @RequestBody NoticeEdit wanted) {
        notices.correct(noticeId, wanted);
    }

    @PutMapping("/api/notices/{noticeId}/removed")
    void remove(@PathVariable long noticeId, @RequestBody Removed wanted) {
        notices.remove(noticeId, wanted.removed());
    }

    @PostMapping(path = "/api/notices/{noticeId}/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    CornerMade addToNotice(@PathVariable long noticeId, @RequestPart("file") MultipartFile file) throws IOException {
        return new CornerMade(files.addToNotice(noticeId, String.valueOf(file.getOriginalFilename()), file.getBytes()));
    }

    @PostMapping("/api/corners/{cornerId}/talks")
    CornerMade begin(@PathVariable long cornerId, @Valid @RequestBody TalkEdit wanted) {
        return new CornerMade(talks.begin(cornerId, wanted));
    }

    @PutMapping("/api/talks/{talkId}")
    void changeTalk(@PathVariable long talkId, @Valid @RequestBody TalkEdit wanted) {
        talks.change(talkId, wanted);
    }

    @PostMapping("/api/talks/{talkId}/posts")
    CornerMade post(@PathVariable long talkId, @Valid @RequestBody PostWritten wanted) {
        return new CornerMade(talks.postAsAdult(talkId, wanted));
    }

    /** Hides a post from students, or lets it be seen; either way it is looked after and no longer reported. */
    @PutMapping("/api/posts/{postId}/hidden")
    void hide(@PathVariable long postId, @RequestBody PostHidden wanted) {
        talks.hide(postId, wanted.hidden());
    }

    @PostMapping(path = "/api/corners/{cornerId}/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    CornerMade addFile(@PathVariable long cornerId, @RequestPart("file") MultipartFile file) throws IOException {
        return new CornerMade(files.addAsAdult(cornerId, String.valueOf(file.getOriginalFilename()), file.getBytes()));
    }

    @PutMapping("/api/corner-files/{fileId}/removed")
    void removeFile(@PathVariable long fileId, @RequestBody Removed wanted) {
        files.remove(fileId, wanted.removed());
    }

    @GetMapping("/api/corner-files/{fileId}")
    ResponseEntity<byte[]> file(@PathVariable long fileId) {
        return Downloads.of(files.forAdult(fileId));
    }
}
