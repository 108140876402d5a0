package zafu.server.arrangement;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.grouping.Regrouping;
import zafu.server.measure.Measures;

/**
 * Everything the bench shows.
 *
 * @param groups lowest scores first
 * @param cuts between neighbours on the line, where one cut can part them
 * @param fit for each feasible number of groups from 1 to 8
 * @param suggestedGroups absent where nobody has a score
 * @param rules what is noted of pairs; absent for adults who may not see it
 * @param advice for students whose value is another one since the groups were cut
 * @param imbalances groups with more or fewer of a tag than chance would give
 */
record BenchView(
        long id,
        long classId,
        String name,
        String subject,
        LocalDate beginsOn,
        LocalDate endsOn,
        Measures.MeasureCard measure,
        Method method,
        int smallest,
        int largest,
        List<BenchGroup> groups,
        List<BenchStudent> students,
        List<CutShown> cuts,
        List<Measures.BandCut> bands,
        List<FitPoint> fit,
        @Nullable Integer suggestedGroups,
        boolean canUndo,
        boolean canRedo,
        @Nullable LastStep lastStep,
        @Nullable List<RuleShown> rules,
        List<Imbalance> imbalances,
        List<Advised> advice) {

    record BenchGroup(
            long id,
            String name,
            int look,
            String note,
            int size,
            @Nullable Double median,
            @Nullable Double lowest,
            @Nullable Double highest) {}

    /**
     * @param notPlaced why the student is in no group; absent for one who is
     * @param timeNeed what the teacher may see beside the name, such as "1.5×"
     */
    record BenchStudent(
            long id,
            String givenName,
            String familyName,
            @Nullable Long groupId,
            boolean locked,
            @Nullable Double value,
            @Nullable LocalDate takenOn,
            boolean stale,
            boolean closeToLine,
            @Nullable NotPlaced notPlaced,
            @Nullable String timeNeed) {}

    enum RuleKind {
        LOCKED,
        TOGETHER,
        APART,
        RATHER_TOGETHER,
        RATHER_APART
    }

    /** @param met whether it holds on the bench as it is; true as well while one of them is not placed */
    record RuleShown(RuleKind kind, List<Long> students, boolean met) {}

    /** @param tag a tag, or absent for a language other than the school's at home */
    record Imbalance(long groupId, @Nullable String tag, int inGroup, int groupSize, int inClass, int classSize) {}

    /**
     * What a new value says of the group a student is in.
     *
     * @param toGroupId the next group in that direction
     * @param before the value when the groups were cut
     */
    record Advised(long id, Regrouping.Advice advice, @Nullable Long toGroupId, double before, double now) {}

    enum NotPlaced {
        NO_SCORE,
        NOT_ASSESSED,
        BY_HAND
    }

    record CutShown(long lowerGroupId, long upperGroupId, double value) {}

    record FitPoint(int groups, double fit) {}

    record LastStep(BenchCommand.Kind kind, Instant at, String by) {}
}
