package zafu.server.task;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zafu.core.marking.Feedback;
import zafu.core.need.WorkKind;
import zafu.core.schedule.TermPart;
import zafu.server.library.ItemKind;
import zafu.server.need.Needs;

/**
 * A task as its teacher sees it. Local times are on the school's clocks.
 *
 * @param versions the base first
 * @param students every student of the class, exactly once
 * @param problems what stands in the way of handing out, or should be looked at first
 */
record TaskView(
        long id,
        long classId,
        String name,
        TaskState state,
        long version,
        @Nullable Long arrangementId,
        @Nullable Instant handedOutAt,
        @Nullable String handedOutBy,
        WorkKind workKind,
        Way way,
        boolean doneFirst,
        Feedback feedback,
        boolean mayChange,
        List<VersionShown> versions,
        List<AdjustmentShown> adjustments,
        List<ClassShown> otherClasses,
        List<Recipient> students,
        List<TaskProblem> problems,
        @Nullable TaskLastStep lastStep) {

    /**
     * A version with everything it takes from the base filled in.
     *
     * @param overrides the fields that are its own
     * @param pointsInAll over all questions
     * @param started whether a student has begun it
     */
    record VersionShown(
            long id,
            boolean base,
            String staffName,
            Set<Field> overrides,
            String title,
            String instructions,
            List<TextRef> texts,
            List<Long> questions,
            int pointsInAll,
            @Nullable Integer minutes,
            boolean includesAccommodations,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime closes,
            int tries,
            TargetsShown targets,
            boolean started) {}

    /** What there is to read, look at or do. */
    record TextRef(long id, ItemKind kind, String title, @Nullable Double level) {}

    /**
     * Terms eased for some, apart from the versions.
     *
     * @param reached how many students of the class it is for
     */
    record AdjustmentShown(
            Set<TermPart> sets,
            @Nullable Integer minutes,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime closes,
            @Nullable Integer tries,
            TargetsShown targets,
            int reached) {}

    /** Another class with the dates it has of its own. */
    record ClassShown(
            long classId,
            String name,
            Set<TermPart> sets,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime closes) {}

    /** What was done last with the task and can be taken back, by whom and when. */
    record TaskLastStep(long id, String deed, String by, LocalDateTime at) {}

    record TargetsShown(boolean everyone, List<Long> groups, List<Long> students, List<Long> except) {}

    enum Gets {
        ONE,
        CONFLICT,
        NOTHING
    }

    /**
     * @param versionId with ONE
     * @param claims with CONFLICT: the versions and how they came
     * @param work how far the student is; {@code lastTryId} of the last try begun
     * @param running of a running try, the minutes the student was told they have and when it ends
     * @param terms with ONE, for adults who may see needs: extended time would be read off them
     */
    record Recipient(
            long id,
            String givenName,
            String familyName,
            Gets gets,
            @Nullable Long versionId,
            List<Claim> claims,
            Work work,
            @Nullable Long lastTryId,
            @Nullable Running running,
            @Nullable TermsShown terms) {}

    enum Work {
        NOT_BEGUN,
        RUNNING,
        HANDED_IN
    }

    record Running(@Nullable Integer minutes, LocalDateTime startedAt, @Nullable LocalDateTime endsAt) {}

    enum Via {
        STARTED,
        NAME,
        GROUPS,
        EVERYONE
    }

    record Claim(long versionId, Via via, List<Long> groups) {}

    enum TimeReason {
        NO_LIMIT,
        UNTIMED,
        AS_SET,
        ALREADY_INCLUDES,
        FOR_THIS_STUDENT,
        EXTENDED
    }

    /**
     * @param minutes effective, absent for none
     * @param reason why it is so
     * @param set the minutes before the factor
     * @param extraDays teaching days by which due and closes were moved
     * @param eased the terms that an adjustment made more generous
     * @param onTop what else is granted for this work today
     * @param questionsLeft how many questions are left of all, absent where all are
     */
    record TermsShown(
            @Nullable Integer minutes,
            TimeReason reason,
            @Nullable Integer set,
            @Nullable BigDecimal factor,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime closes,
            int tries,
            int extraDays,
            Set<TermPart> eased,
            List<Needs.NeedMark> onTop,
            @Nullable Integer questionsLeft) {}

    enum ProblemKind {
        CONFLICTS,
        NOT_COVERED,
        NOBODY,
        NOTHING_TO_DO,
        NO_TITLE,
        DATES_OUT_OF_ORDER,
        OPENS_IN_PAST,
        OPENS_ON_CLOSED_DAY,
        DUE_ON_CLOSED_DAY,
        BROKEN_LINK,
        /** What students see names a version. */
        GIVES_AWAY,
        DAY_TOO_FULL,
        SERIES_DRAFTS
    }

    /**
     * @param stops whether handing out is refused because of it
     * @param versionId the version it is about, where it is about one
     * @param students whom it is about
     * @param names of items, of tasks that are drafts still, or of versions that are given away
     * @param day which is too full, with the most minutes a student would have
     */
    record TaskProblem(
            ProblemKind kind,
            boolean stops,
            @Nullable Long versionId,
            List<Long> students,
            List<String> names,
            @Nullable LocalDate day,
            @Nullable Integer minutes) {
        static TaskProblem about(ProblemKind kind, boolean stops, @Nullable Long versionId, List<Long> students) {
            return new TaskProblem(kind, stops, versionId, students, List.of(), null, null);
        }

        static TaskProblem named(ProblemKind kind, List<String> names) {
            return new TaskProblem(kind, false, null, List.of(), names, null, null);
        }
    }
}
