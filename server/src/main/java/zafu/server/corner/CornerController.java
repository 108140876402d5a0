package zafu.server.corner;

import jakarta.validation.Valid;
import java.io.IOException;
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
import zafu.server.corner.CornerApi.CornerEdit;
import zafu.server.corner.CornerApi.CornerMade;
import zafu.server.corner.CornerApi.CornerShown;
import zafu.server.corner.CornerApi.CornersShown;
import zafu.server.corner.CornerApi.NoticeEdit;
import zafu.server.corner.CornerApi.PostHidden;
import zafu.server.corner.CornerApi.PostWritten;
import zafu.server.corner.CornerApi.Removed;
import zafu.server.corner.CornerApi.TalkEdit;
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
