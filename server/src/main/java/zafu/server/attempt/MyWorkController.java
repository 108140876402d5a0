package zafu.server.attempt;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.QuestionSheet;

/** The students' API. Nothing here names a group, a version, a need or another student. */
@RestController
class MyWorkController {
    private final MyWorkService work;
    private final TryService tries;

    MyWorkController(MyWorkService work, TryService tries) {
        this.work = work;
        this.tries = tries;
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
     * @param minutes how long a try may take, absent for no limit
     */
    record Card(
            long taskId,
            String title,
            When when,
            int questions,
            boolean withText,
            @Nullable Integer minutes,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable Long tryId,
            int answered,
            @Nullable Integer earned,
            @Nullable Integer possible,
            boolean anotherTry) {}

    /**
     * @param endsAt when it is handed in by itself, absent for no limit
     * @param now the server's clock, from which the page counts down
     */
    record TryPage(
            long id,
            String title,
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

    @PostMapping("/api/my/tries/{tryId}/hand-in")
    TryPage handIn(@PathVariable long tryId) {
        tries.handIn(tryId);
        return tries.page(tryId);
    }
}
