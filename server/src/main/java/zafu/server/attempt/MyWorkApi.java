package zafu.server.attempt;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.TakenOut;
import zafu.core.schedule.DayParts;
import zafu.server.library.StudentPages.ItemPage;
import zafu.server.library.StudentPages.QuestionSheet;
import zafu.server.task.Way;

/** What {@link MyWorkController} takes and gives. */
final class MyWorkApi {
    private MyWorkApi() {}

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
     * @param takenOut how the question no longer decides the result, where that is so
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
            @Nullable List<CriterionMet> criteria,
            @Nullable TakenOut takenOut) {}

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
}
