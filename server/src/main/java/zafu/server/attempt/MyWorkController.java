package zafu.server.attempt;

import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
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
import zafu.core.schedule.DayParts;
import zafu.server.access.CurrentPerson;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.QuestionSheet;
import zafu.server.platform.Downloads;
import zafu.server.task.Way;

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

    /**
     * @param localNow what the school's clocks show
     * @param doneThisWeek how many pieces of work were handed in since Monday
     */
    record MyWork(String givenName, LocalDateTime localNow, List<Card> cards, int doneThisWeek) {}

    enum When {
        GOING_ON,
        NOW,
        NEXT,
        LATER,
        DONE,
        MISSED
    }

    /** Why what was handed in shows no result yet. */
    enum ResultWaits {
        FOR_DUE_TIME,
        FOR_TEACHER
    }

    /** A try that was handed in; without points where its result waits, or a person must mark it. */
    record EarlierTry(long id, int number, @Nullable Double earned, @Nullable Double possible) {}

    /** What came when nothing could be kept any more: how much waits for the teacher, counts now, or does not. */
    record CameLate(int waiting, int accepted, int declined) {}

    /**
     * @param tryId of the running or last try
     * @param instructions what to do, where it is done away from the screen
     * @param minutes how long a try may take, absent for no limit
     * @param dueName what the due time is called, where it has a name
     * @param breakMinutes how much break may be taken in a try
     * @param earlier the tries before the last one
     * @param remark what a teacher says of the last one, may be empty
     * @param remarkBy who says it
     * @param after the title of what has to be handed in before this can be begun
     * @param again whether a teacher asks for another try, which is not begun yet
     * @param excused whether it need not be done
     * @param remindedBy who reminds the student of it, where somebody did since they began last
     * @param corrected whether the result that shows was changed since by a corrected key
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
            DayParts.@Nullable Name opensName,
            DayParts.@Nullable Name dueName,
            int breakMinutes,
            @Nullable Long tryId,
            int answered,
            @Nullable Double earned,
            @Nullable Double possible,
            boolean anotherTry,
            @Nullable ResultWaits resultWaits,
            List<EarlierTry> earlier,
            CameLate cameLate,
            String remark,
            @Nullable String remarkBy,
            @Nullable String after,
            boolean again,
            boolean excused,
            @Nullable String remindedBy,
            boolean corrected) {}

    /**
     * @param writtenNumber how often what is written was changed
     * @param number which try it is, from 1
     * @param flagged questions to look at again
     * @param flagsNumber how often these were changed
     * @param mayCheck whether each answer may be checked while working
     * @param clock the server's clock, from which the page counts down
     */
    record TryPage(
            long id,
            String title,
            Way way,
            String instructions,
            AtHand atHand,
            String written,
            long writtenNumber,
            List<HandedFile> files,
            List<ItemPage> texts,
            List<OtherLanguage> inOtherLanguages,
            List<QuestionPage> questions,
            int number,
            List<Long> flagged,
            long flagsNumber,
            boolean mayCheck,
            Instant startedAt,
            TryClock clock,
            boolean handedIn,
            boolean endedByTime,
            @Nullable Double earned,
            @Nullable Double possible,
            @Nullable ResultWaits resultWaits,
            String remark,
            @Nullable String remarkBy,
            CameLate cameLate) {}

    /** A text of the try said over again in another language. */
    record OtherLanguage(long textId, ItemPage page) {}

    /**
     * What the server's clock says of a try.
     *
     * @param endsAt when it is handed in by itself, absent for no limit
     * @param minutes the limit at its start, absent for none
     * @param addedMinutes given by the teacher on top
     * @param breakUntil while a break lasts, when it is over by itself
     * @param breakSecondsLeft of all breaks, the one that goes on counted up to now
     * @param workSecondsLeft what is left to work in; it stands still on a break
     * @param over nothing more is taken
     */
    record TryClock(
            Instant now,
            @Nullable Instant endsAt,
            @Nullable Integer minutes,
            int addedMinutes,
            @Nullable Instant breakUntil,
            long breakSecondsLeft,
            @Nullable Long workSecondsLeft,
            boolean over) {}

    /**
     * What may be used.
     *
     * @param alongside what may lie beside the work
     */
    record AtHand(boolean readAloud, boolean largeText, List<String> tools, List<String> alongside) {}

    /**
     * @param size in bytes
     * @param late it came after the try was over
     */
    record HandedFile(long id, String name, long size, boolean late) {}

    /**
     * Which copy of an answer this is: rule 10. Without it an answer takes the place of whatever was saved.
     *
     * @param over the number of the saved answer that the student saw while giving this one; 0 for none
     * @param device a name that the device made up for itself
     * @param given which one it is of all that this device ever gave
     */
    record AnswerNumber(@Min(0) long over, @NotEmpty @Size(max = 40) String device, @Min(1) long given) {}

    /** @param key by which it is known when it is sent again */
    record WrittenText(
            @NotNull @Size(max = 100_000) String text,
            @Nullable @Size(max = 40) String key,
            @Nullable Instant givenAt,
            @Nullable @Valid AnswerNumber number) {}

    /**
     * @param given the answer so far, written as {@link zafu.server.library.AnswerText} says
     * @param number how often it was changed
     * @param earned once it is marked
     * @param feedback harmless HTML, once it is marked, where the question has some
     * @param comment what a teacher says of the answer, once the work is given back
     * @param criteria how it came to its points, once the work is given back, where it was marked by criteria
     */
    record QuestionPage(
            long id,
            QuestionSheet sheet,
            @Nullable String given,
            long number,
            @Nullable Double earned,
            @Nullable String feedback,
            @Nullable String comment,
            @Nullable List<CriterionMet> criteria) {}

    record CriterionMet(String name, double earned, int points) {}

    /**
     * @param key by which it is known when it is sent again
     * @param givenAt when it was given, by the server's clock as the page knows it; absent for now
     */
    record GivenAnswer(
            @NotNull @Size(max = 20_000) String given,
            @Nullable @Size(max = 40) String key,
            @Nullable Instant givenAt,
            @Nullable @Valid AnswerNumber number) {}

    /** What became of something that was given. What came too late a teacher decides. */
    enum KeptAs {
        KEPT,
        /** The same device has given something newer, which is saved. */
        OVERTAKEN,
        /** Another device changed it, and the student had not seen that: the student decides. */
        CHANGED_ELSEWHERE,
        AFTER_END,
        HANDED_IN,
        TAKEN_BACK
    }

    /**
     * @param number of what is saved now
     * @param saved what is saved now, where another device changed it
     */
    record Kept(Instant at, KeptAs as, long number, @Nullable String saved) {}

    record Flagged(@NotNull @Size(max = 500) List<Long> questions) {}

    /** @param number how often the questions to look at again were changed */
    record FlagsKept(long number) {}

    record BreakTaken(boolean begin) {}

    /** @param right absent where a person would have to say */
    record AnswerChecked(@Nullable Boolean right, @Nullable String feedback) {}

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
                tryId, questionId, new AnswerKeeper.Giving(answer.given, answer.key, answer.givenAt, answer.number));
    }

    @PutMapping("/api/my/tries/{tryId}/written")
    Kept write(@PathVariable long tryId, @Valid @RequestBody WrittenText written) {
        return keeper.written(
                tryId, new AnswerKeeper.Giving(written.text, written.key, written.givenAt, written.number));
    }

    @PostMapping("/api/my/tries/{tryId}/answers/{questionId}/check")
    AnswerChecked check(@PathVariable long tryId, @PathVariable long questionId) {
        return tries.check(tryId, questionId);
    }

    @PutMapping("/api/my/tries/{tryId}/flags")
    FlagsKept flag(@PathVariable long tryId, @Valid @RequestBody Flagged flagged) {
        return new FlagsKept(keeper.flag(tryId, flagged.questions));
    }

    /** What a page asks that has slept, or has no trust in its own clock. */
    @GetMapping("/api/my/tries/{tryId}/clock")
    TryClock clock(@PathVariable long tryId) {
        return clocks.of(tryId);
    }

    @PostMapping("/api/my/tries/{tryId}/break")
    TryClock takeBreak(@PathVariable long tryId, @Valid @RequestBody BreakTaken taken) {
        return clocks.takeBreak(tryId, taken.begin);
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
