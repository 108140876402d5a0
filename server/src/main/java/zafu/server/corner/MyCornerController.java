package zafu.server.corner;

import jakarta.validation.Valid;
import java.io.IOException;
import java.time.LocalDateTime;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zafu.server.corner.MyCornerApi.MyCornerPage;
import zafu.server.corner.MyCornerApi.MyCornersShown;
import zafu.server.corner.MyCornerApi.Said;
import zafu.server.platform.Downloads;
import zafu.server.roster.InTheirPlace;

/** A student's own corners. They are called by the name that students know, or by none. */
@RestController
class MyCornerController {
    private final MyCorners mine;
    private final InTheirPlace seen;
    private final Talks talks;
    private final SharedFiles files;

    MyCornerController(MyCorners mine, InTheirPlace seen, Talks talks, SharedFiles files) {
        this.mine = mine;
        this.seen = seen;
        this.talks = talks;
        this.files = files;
    }

    @GetMapping("/api/my/corners")
    MyCornersShown all() {
        return mine.all();
    }

    @GetMapping("/api/my/corners/{cornerId}")
    MyCornerPage one(@PathVariable long cornerId) {
        return mine.one(cornerId);
    }

    /** As the student sees them, for who may look in their place. */
    @GetMapping("/api/classes/{classId}/see-as/{studentId}/corners")
    MyCornersShown allSeen(
            @PathVariable long classId,
            @PathVariable long studentId,
            @RequestParam(required = false) @Nullable LocalDateTime at) {
        return seen.look(classId, studentId, at, mine::all);
    }

    /** As the student sees it, for who may look in their place. */
    @GetMapping("/api/classes/{classId}/see-as/{studentId}/corners/{cornerId}")
    MyCornerPage oneSeen(
            @PathVariable long classId,
            @PathVariable long studentId,
            @PathVariable long cornerId,
            @RequestParam(required = false) @Nullable LocalDateTime at) {
        return seen.look(classId, studentId, at, () -> mine.one(cornerId));
    }

    @PostMapping("/api/my/corners/{cornerId}/read")
    void read(@PathVariable long cornerId) {
        mine.read(cornerId);
    }

    @PostMapping("/api/my/talks/{talkId}/posts")
    void post(@PathVariable long talkId, @Valid @RequestBody Said wanted) {
        talks.postAsStudent(talkId, wanted.text());
    }

    /** Tells the teachers of a post that should not stand. */
    @PostMapping("/api/my/posts/{postId}/reported")
    void report(@PathVariable long postId) {
        talks.report(postId);
    }

    @PostMapping(path = "/api/my/corners/{cornerId}/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    void addFile(@PathVariable long cornerId, @RequestPart("file") MultipartFile file) throws IOException {
        files.addAsStudent(cornerId, String.valueOf(file.getOriginalFilename()), file.getBytes());
    }

    @GetMapping("/api/my/corner-files/{fileId}")
    ResponseEntity<byte[]> file(@PathVariable long fileId) {
        return Downloads.of(files.mine(fileId));
    }
}
