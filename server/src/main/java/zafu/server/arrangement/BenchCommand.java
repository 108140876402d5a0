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
 * @param students for PLACE, LOCK and UNLOCK
 * @param groupId for PLACE (absent: not placed), RENAME, NOTE, MERGE, REMOVE_GROUP, MOVE_CUT (the lower group)
 * @param otherGroupId for MERGE: the group whose members join; for MOVE_CUT: the upper group
 * @param text the new name or note
 * @param cut for MOVE_CUT: where the cut is to lie, in the measure's unit
 * @param proposal for TAKE_PROPOSAL
 */
public record BenchCommand(
        @NotNull Kind kind,
        @Nullable @Size(max = 500) List<Long> students,
        @Nullable Long groupId,
        @Nullable Long otherGroupId,
        @Nullable @Size(max = 500) String text,
        @Nullable Double cut,
        @Nullable ProposalAsked proposal) {

    /** What can be done. */
    public enum Kind {
        PLACE,
        TAKE_PROPOSAL,
        /** Moves all whom new scores say to move. */
        TAKE_ADVICE,
        MOVE_CUT,
        ADD_GROUP,
        RENAME,
        LOCK,
        UNLOCK,
        NOTE,
        MERGE,
        REMOVE_GROUP,
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
            @Nullable Long seed) {}

    /** @param weight above 0, beside the others */
    public record MeasureWeight(long measureId, @DecimalMin("0.1") @DecimalMax("10") double weight) {}
}
