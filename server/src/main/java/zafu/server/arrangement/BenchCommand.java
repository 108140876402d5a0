package zafu.server.arrangement;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One thing a teacher does on the bench. Which of the fields are read depends on the kind; see {@link Kind}.
 *
 * @param students for PLACE
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
        MOVE_CUT,
        ADD_GROUP,
        RENAME,
        NOTE,
        MERGE,
        REMOVE_GROUP,
        UNDO,
        REDO
    }

    /**
     * What is proposed.
     *
     * @param groups for SIMILAR and BY_HAND: how many
     */
    public record ProposalAsked(@NotNull Method method, long measureId, int groups, int smallest, int largest) {}
}
