package zafu.server.attempt;

import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import zafu.server.access.CurrentPerson;
import zafu.server.attempt.MyWorkApi.AnswerChecked;
import zafu.server.attempt.MyWorkApi.BreakTaken;
import zafu.server.attempt.MyWorkApi.Flagged;
import zafu.server.attempt.MyWorkApi.FlagsKept;
import zafu.server.attempt.MyWorkApi.GivenAnswer;
import zafu.server.attempt.MyWorkApi.Kept;
import zafu.server.attempt.MyWorkApi.MyWork;
import zafu.server.attempt.MyWorkApi.TryClock;
import zafu.server.attempt.MyWorkApi.TryPage;
import zafu.server.attempt.MyWorkApi.WrittenText;
import zafu.server.platform.Downloads;

/** The students' API. Nothing here names a group, a version, a need or another student. */
@RestController
class MyWorkController {
    private final MyWorkService work;
    private final TryService tries;
    private final HandedWork handed;
    private final AnswerKeeper keeper;
    private final TryClocks clocks;
    private final MyNews news;
    private final CurrentPerson current;

    MyWorkController(
            MyWorkService work,
            TryService tries,
            HandedWork handed,
            AnswerKeeper keeper,
            TryClocks clocks,
            MyNews news,
            CurrentPerson current) {
        this.work = work;
        this.tries = tries;
        this.handed = handed;
        this.keeper = keeper;
        this.clocks = clocks;
        this.news = news;
        this.current = current;
    }

    @GetMapping("/api/my/work")
    MyWork work() {
        return work.mine();
    }

    @PostMapping("/api/my/tasks/{taskId}/tries")
    TryPage start(@PathVariable long taskId) {
        return tries.page(begun(taskId));
    }

    private long begun(long taskId) {
        try {
            return tries.start(taskId);
        } catch (DataIntegrityViolationException begunByTheOtherTap) {
            return tries.start(taskId);
        }
    }

    @GetMapping("/api/my/tries/{tryId}")
    TryPage page(@PathVariable long tryId) {
        return tries.page(tryId);
    }

    @PutMapping("/api/my/tries/{tryId}/answers/{questionId}")
    Kept answer(@PathVariable long tryId, @PathVariable long questionId, @Valid @RequestBody GivenAnswer answer) {
        return keeper.answer(
                tryId,
                questionId,
                new AnswerKeeper.Giving(answer.given(), answer.key(), answer.givenAt(), answer.number()));
    }

    @PutMapping("/api/my/tries/{tryId}/written")
    Kept write(@PathVariable long tryId, @Valid @RequestBody WrittenText written) {
        return keeper.written(
                tryId, new AnswerKeeper.Giving(written.text(), written.key(), written.givenAt(), written.number()));
    }

    @PostMapping("/api/my/tries/{tryId}/answers/{questionId}/check")
    AnswerChecked check(@PathVariable long tryId, @PathVariable long questionId) {
        return tries.check(tryId, questionId);
    }

    @PutMapping("/api/my/tries/{tryId}/flags")
    FlagsKept flag(@PathVariable long tryId, @Valid @RequestBody Flagged flagged) {
        return new FlagsKept(keeper.flag(tryId, flagged.questions()));
    }

    /** What a page asks that has slept, or has no trust in its own clock. */
    @GetMapping("/api/my/tries/{tryId}/clock")
    TryClock clock(@PathVariable long tryId) {
        return clocks.of(tryId);
    }

    @PostMapping("/api/my/tries/{tryId}/break")
    TryClock takeBreak(@PathVariable long tryId, @Valid @RequestBody BreakTaken taken) {
        return clocks.takeBreak(tryId, taken.begin());
    }

    /** Server-sent events named "changed": something of the student's changed that they did not do themselves. */
    @GetMapping(path = "/api/my/news", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter news(HttpSession session) {
        return news.listen(current.studentId(), session.getId());
    }

    @PostMapping(path = "/api/my/tries/{tryId}/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    TryPage addFile(
            @PathVariable long tryId,
            @RequestPart("file") MultipartFile file,
            @RequestParam(required = false) @Nullable @Size(max = 40) String key)
            throws IOException {
        handed.add(tryId, String.valueOf(file.getOriginalFilename()), file.getBytes(), key);
        return tries.page(tryId);
    }

    @DeleteMapping("/api/my/tries/{tryId}/files/{fileId}")
    TryPage removeFile(@PathVariable long tryId, @PathVariable long fileId) {
        handed.remove(tryId, fileId);
        return tries.page(tryId);
    }

    @GetMapping("/api/my/tries/{tryId}/files/{fileId}")
    ResponseEntity<byte[]> file(@PathVariable long tryId, @PathVariable long fileId) {
        return Downloads.of(handed.mine(tryId, fileId));
    }

    @PostMapping("/api/my/tries/{tryId}/hand-in")
    TryPage handIn(@PathVariable long tryId) {
        tries.handIn(tryId);
        return tries.page(tryId);
    }
}
