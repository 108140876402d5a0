package zafu.server.task;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zafu.server.library.ItemKind;

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
        List<VersionShown> versions,
        List<Recipient> students,
        List<TaskProblem> problems) {

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

    record TargetsShown(boolean everyone, List<Long> groups, List<Long> students, List<Long> except) {}

    enum Gets {
        ONE,
        CONFLICT,
        NOTHING
    }

    /**
     * @param versionId with ONE
     * @param claims with CONFLICT: the versions and how they came
     * @param terms with ONE, for adults who may see needs: extended time would be read off them
     */
    record Recipient(
            long id,
            String givenName,
            String familyName,
            Gets gets,
            @Nullable Long versionId,
            List<Claim> claims,
            @Nullable TermsShown terms) {}

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
     */
    record TermsShown(
            @Nullable Integer minutes,
            TimeReason reason,
            @Nullable Integer set,
            @Nullable BigDecimal factor,
            @Nullable LocalDateTime opens,
            @Nullable LocalDateTime due,
            @Nullable LocalDateTime closes,
            int extraDays) {}

    enum ProblemKind {
        CONFLICTS,
        NOT_COVERED,
        NOBODY,
        NOTHING_TO_DO,
        NO_TITLE,
        DATES_OUT_OF_ORDER,
        OPENS_ON_CLOSED_DAY,
        DUE_ON_CLOSED_DAY
    }

    /**
     * @param stops whether handing out is refused because of it
     * @param versionId the version it is about, where it is about one
     * @param students whom it is about
     */
    record TaskProblem(ProblemKind kind, boolean stops, @Nullable Long versionId, List<Long> students) {}
}
