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
 * @param lineKind by what students stand on the line; {@code measure} says how to read the values
 * @param secondMeasureId of another measure that the last proposal went by, for a scatter
 * @param adults of its classes, who can lead groups
 * @param tags that students here have, to watch the balance of
 * @param revision counts the changes of this bench
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
        List<Advised> advice,
        ScoreLines.Kind lineKind,
        @Nullable Long secondMeasureId,
        Details details,
        List<AdultName> adults,
        List<String> tags,
        long revision) {

    /**
     * What can be written of an arrangement.
     *
     * @param note the teacher's own, for all groups
     * @param classIds the class it belongs to first
     * @param watched the tags whose balance is watched, "" for another language at home; absent for all
     * @param version for saving: what was written meanwhile by somebody else is not overwritten
     */
    record Details(
            String purpose,
            String description,
            String note,
            boolean overlap,
            List<Long> classIds,
            @Nullable List<String> watched,
            Sight sight,
            long version) {}

    record AdultName(long id, String name) {}

    /** How many of a group are in a band of the measure; name absent below the first. */
    record BandCount(@Nullable String name, int count) {}

    /**
     * @param studentName what students call it; absent where they are told no name
     * @param leads ids of the adults who lead it
     * @param median and what follows, of those who have a value, in the unit of the line
     * @param bands lowest first, those that somebody is in; none where the line has no bands
     * @param needs how many have an accommodation in force; absent for adults who may not know
     */
    record BenchGroup(
            long id,
            String name,
            int look,
            String note,
            @Nullable String studentName,
            List<Long> leads,
            int size,
            @Nullable Double median,
            @Nullable Double mean,
            @Nullable Double deviation,
            @Nullable Double lowest,
            @Nullable Double highest,
            List<BandCount> bands,
            @Nullable Integer needs) {}

    /**
     * @param groupId the student's group, of several the first
     * @param alsoIn the further groups of a student who is in several
     * @param homeClass the name of the student's class, where the bench draws from several
     * @param notPlaced why the student is in no group; absent for one who is
     * @param timeNeed what the teacher may see beside the name, such as "1.5×"
     */
    record BenchStudent(
            long id,
            String givenName,
            String familyName,
            @Nullable Long groupId,
            List<Long> alsoIn,
            @Nullable String homeClass,
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

    /** @param met whether it holds on the bench as it is; absent while one of them is not placed */
    record RuleShown(RuleKind kind, List<Long> students, @Nullable Boolean met) {}

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
