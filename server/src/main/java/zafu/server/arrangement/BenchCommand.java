package zafu.server.arrangement;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing a teacher does on the bench. Which of the fields are read depends on the kind; see {@link Kind}.
 *
 * @param students for PLACE, PLACE_ALSO, TAKE_FROM, LOCK and UNLOCK; for ADD_GROUP those who go into it, if any; for SPLIT those who leave the group, where not
 *     halves by score are wanted
 * @param groupId for PLACE (absent: not placed), PLACE_ALSO, TAKE_FROM, RENAME, NOTE, LEAD, MERGE, SPLIT, REMOVE_GROUP,
 *     MOVE_CUT (the lower group)
 * @param otherGroupId for MERGE: the group whose members join; for MOVE_CUT: the upper group
 * @param text the new name or note
 * @param studentName for RENAME: what students call the group; absent where they are told no name
 * @param names for NAME_FROM, given to the groups in the order of the bench
 * @param studentsSee for NAME_FROM: whether students call the groups so too
 * @param adults for LEAD: ids of all who lead the group
 * @param stepId for RETURN_TO: the step after which the bench was as it is to be again
 * @param cut for MOVE_CUT: where the cut is to lie, in the measure's unit
 * @param proposal for TAKE_PROPOSAL
 * @param seen the revision of the bench that the person has before them; where somebody else has touched the same
 *     since, the step is refused. Absent to do it whatever happened meanwhile.
 */
public record BenchCommand(
        @NotNull Kind kind,
        @Nullable @Size(max = 500) List<Long> students,
        @Nullable Long groupId,
        @Nullable Long otherGroupId,
        @Nullable @Size(max = 500) String text,
        @Nullable @Size(max = 60) String studentName,
        @Nullable @Size(max = 30) List<@NotNull String> names,
        @Nullable Boolean studentsSee,
        @Nullable @Size(max = 20) List<Long> adults,
        @Nullable Long stepId,
        @Nullable Double cut,
        @Nullable ProposalAsked proposal,
        @Nullable Long seen) {

    static BenchCommand addGroup(String name, List<Long> students) {
        return new BenchCommand(
                Kind.ADD_GROUP, students, null, null, name, null, null, null, null, null, null, null, null);
    }

    /** Into a group: from the one they are in, or beside those they are in. */
    static BenchCommand place(long student, long groupId, boolean beside) {
        return new BenchCommand(
                beside ? Kind.PLACE_ALSO : Kind.PLACE,
                List.of(student),
                groupId,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null,
                null);
    }

    static BenchCommand lead(long groupId, List<Long> adults) {
        return new BenchCommand(Kind.LEAD, null, groupId, null, null, null, null, null, adults, null, null, null, null);
    }

    /** What can be done. */
    public enum Kind {
        PLACE,
        /** Beside the groups they are in; only where an arrangement lets groups overlap. */
        PLACE_ALSO,
        /** Out of one group, staying in the others. */
        TAKE_FROM,
        TAKE_PROPOSAL,
        /** Moves all whom new scores say to move. */
        TAKE_ADVICE,
        MOVE_CUT,
        ADD_GROUP,
        RENAME,
        LOCK,
        UNLOCK,
        NOTE,
        LEAD,
        NAME_FROM,
        MERGE,
        SPLIT,
        REMOVE_GROUP,
        /** Back to how it was after an earlier step. */
        RETURN_TO,
        UNDO,
        REDO
    }

    /**
     * What is proposed.
     *
     * @param measureId the measure by which the bench shows students, and by which SIMILAR, BANDS and SAME_SIZE form
     *     groups
     * @param groups how many, for the methods that can be asked for a number; for NEEDS at most
     * @param measures of COMPOSITE, PROFILES and MIXED
     * @param tags of MIXED: what is to be spread evenly
     * @param skill of SKILL: its name
     * @param surveyId of CHOICES
     * @param copyOf of COPY: another arrangement of the class
     * @param seed another seed draws other lots; absent for the first
     * @param fingerprint of the proposal that was seen, where that one alone is to be taken
     */
    public record ProposalAsked(
            @NotNull Method method,
            long measureId,
            int groups,
            int smallest,
            int largest,
            @Nullable @Size(max = 5) List<@Valid MeasureWeight> measures,
            @Nullable @Size(max = 8) List<@Size(max = 60) String> tags,
            @Nullable @Size(max = 120) String skill,
            @Nullable Long surveyId,
            @Nullable Long copyOf,
            @Nullable Long seed,
            @Nullable @Size(max = 80) String fingerprint) {}

    /** @param weight above 0, beside the others */
    public record MeasureWeight(long measureId, @DecimalMin("0.1") @DecimalMax("10") double weight) {}
}
