package zafu.server.attempt;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.QuestionSheet;
import zafu.server.task.Way;

/** The students' API. Nothing here names a group, a version, a need or another student. */
@RestController
class MyWorkController {
    private final MyWorkService work;
    private final TryService tries;
    private final HandedWork handed;

    MyWorkController(MyWorkService work, TryService tries, HandedWork handed) {
        this.work = work;
        this.tries = tries;
        this.handed = handed;
    }

    /** @param localNow what the school's clocks show */
    record MyWork(String givenName, LocalDateTime localNow, List<Card> cards) {}

    enum When {
        GOING_ON,
        NOW,
        LATER,
        DONE,
        MISSED
    }

    /**
     * @param tryId of the running or last try
     * @param instructions what to do, where it is done away from the screen
     * @param minutes how long a try may take, absent for no limit
     * @param after the title of what has to be handed in before this can be begun
     */
    record Card(
            long taskId,
            String title,
            When when,
            Way way,
            String instructions,
            int questions,
            boolean withText,
            @Nullable Integer minutes,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable Long tryId,
            int answered,
            @Nullable Integer earned,
            @Nullable Integer possible,
            boolean anotherTry,
            @Nullable String after) {}

    /**
     * @param endsAt when it is handed in by itself, absent for no limit
     * @param now the server's clock, from which the page counts down
     */
    record TryPage(
            long id,
            String title,
            Way way,
            String instructions,
            AtHand atHand,
            String written,
            List<HandedFile> files,
            List<ItemPage> texts,
            List<QuestionPage> questions,
            @Nullable Integer minutes,
            Instant startedAt,
            @Nullable Instant endsAt,
            Instant now,
            boolean handedIn,
            boolean endedByTime,
            @Nullable Integer earned,
            @Nullable Integer possible) {}

    /**
     * What may be used.
     *
     * @param alongside what may lie beside the work
     */
    record AtHand(boolean readAloud, boolean largeText, List<String> tools, List<String> alongside) {}

    /** @param size in bytes */
    record HandedFile(long id, String name, long size) {}

    record WrittenText(@NotNull @Size(max = 100_000) String text) {}

    /**
     * @param given the answer so far, written as {@link zafu.server.library.AnswerText} says
     * @param earned once it is marked
     * @param feedback harmless HTML, once it is marked, where the question has some
     */
    record QuestionPage(
            long id,
            QuestionSheet sheet,
            @Nullable String given,
            @Nullable Integer earned,
            @Nullable String feedback) {}

    record GivenAnswer(@NotNull @Size(max = 20_000) String given) {}

    record Kept(Instant at) {}

    @GetMapping("/api/my/work")
    MyWork work() {
        return work.mine();
    }

    @PostMapping("/api/my/tasks/{taskId}/tries")
    TryPage start(@PathVariable long taskId) {
        return tries.page(tries.start(taskId));
    }

    @GetMapping("/api/my/tries/{tryId}")
    TryPage page(@PathVariable long tryId) {
        return tries.page(tryId);
    }

    @PutMapping("/api/my/tries/{tryId}/answers/{questionId}")
    Kept answer(@PathVariable long tryId, @PathVariable long questionId, @Valid @RequestBody GivenAnswer answer) {
        return new Kept(tries.answer(tryId, questionId, answer.given));
    }

    @PutMapping("/api/my/tries/{tryId}/written")
    Kept write(@PathVariable long tryId, @Valid @RequestBody WrittenText written) {
        return new Kept(handed.write(tryId, written.text));
    }

    @PostMapping(path = "/api/my/tries/{tryId}/files", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    TryPage addFile(@PathVariable long tryId, @RequestPart("file") MultipartFile file) throws IOException {
        String name = String.valueOf(file.getOriginalFilename());
        handed.add(tryId, name, String.valueOf(file.getContentType()), file.getBytes());
        return tries.page(tryId);
    }

    @DeleteMapping("/api/my/tries/{tryId}/files/{fileId}")
    TryPage removeFile(@PathVariable long tryId, @PathVariable long fileId) {
        handed.remove(tryId, fileId);
        return tries.page(tryId);
    }

    @GetMapping("/api/my/tries/{tryId}/files/{fileId}")
    ResponseEntity<byte[]> file(@PathVariable long tryId, @PathVariable long fileId) {
        return TickController.download(handed.mine(tryId, fileId));
    }

    @PostMapping("/api/my/tries/{tryId}/hand-in")
    TryPage handIn(@PathVariable long tryId) {
        tries.handIn(tryId);
        return tries.page(tryId);
    }
}
