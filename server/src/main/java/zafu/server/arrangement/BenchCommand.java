package zafu.server.arrangement;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** One thing a teacher does on the bench. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = BenchCommand.PlaceInto.class, name = "PLACE"),
    @JsonSubTypes.Type(value = BenchCommand.PlaceAlso.class, name = "PLACE_ALSO"),
    @JsonSubTypes.Type(value = BenchCommand.TakeFrom.class, name = "TAKE_FROM"),
    @JsonSubTypes.Type(value = BenchCommand.TakeProposal.class, name = "TAKE_PROPOSAL"),
    @JsonSubTypes.Type(value = BenchCommand.TakeAdvice.class, name = "TAKE_ADVICE"),
    @JsonSubTypes.Type(value = BenchCommand.MoveCut.class, name = "MOVE_CUT"),
    @JsonSubTypes.Type(value = BenchCommand.AddGroup.class, name = "ADD_GROUP"),
    @JsonSubTypes.Type(value = BenchCommand.Rename.class, name = "RENAME"),
    @JsonSubTypes.Type(value = BenchCommand.Lock.class, name = "LOCK"),
    @JsonSubTypes.Type(value = BenchCommand.Unlock.class, name = "UNLOCK"),
    @JsonSubTypes.Type(value = BenchCommand.WriteNote.class, name = "NOTE"),
    @JsonSubTypes.Type(value = BenchCommand.LeadBy.class, name = "LEAD"),
    @JsonSubTypes.Type(value = BenchCommand.NameFrom.class, name = "NAME_FROM"),
    @JsonSubTypes.Type(value = BenchCommand.Merge.class, name = "MERGE"),
    @JsonSubTypes.Type(value = BenchCommand.Split.class, name = "SPLIT"),
    @JsonSubTypes.Type(value = BenchCommand.RemoveGroup.class, name = "REMOVE_GROUP"),
    @JsonSubTypes.Type(value = BenchCommand.ReturnTo.class, name = "RETURN_TO"),
    @JsonSubTypes.Type(value = BenchCommand.Undo.class, name = "UNDO"),
    @JsonSubTypes.Type(value = BenchCommand.Redo.class, name = "REDO")
})
public sealed interface BenchCommand {

    /** By which it is kept and told. */
    default Kind kind() {
        return Kind.of(this);
    }

    /** What is kept of its words. */
    default String facts() {
        return "";
    }

    /** A command that makes new groups of those that stand there; the others go to a step that was taken. */
    sealed interface Deed extends BenchCommand {
        <T> T by(Deeds<T> deeds);
    }

    /** Something for each deed, so that a new one is forgotten nowhere. */
    interface Deeds<T> {
        T placeInto(PlaceInto deed);

        T placeAlso(PlaceAlso deed);

        T takeFrom(TakeFrom deed);

        T takeProposal(TakeProposal deed);

        T takeAdvice(TakeAdvice deed);

        T moveCut(MoveCut deed);

        T addGroup(AddGroup deed);

        T rename(Rename deed);

        T lock(Lock deed);

        T unlock(Unlock deed);

        T writeNote(WriteNote deed);

        T leadBy(LeadBy deed);

        T nameFrom(NameFrom deed);

        T merge(Merge deed);

        T split(Split deed);

        T removeGroup(RemoveGroup deed);

        T returnTo(ReturnTo deed);
    }

    /**
     * Into a group, in place of those they are in.
     *
     * @param groupId absent: not placed
     */
    record PlaceInto(@NotNull @Size(max = 500) List<Long> students, @Nullable Long groupId) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.placeInto(this);
        }
    }

    /** Beside the groups they are in; only where an arrangement lets groups overlap. */
    record PlaceAlso(@NotNull @Size(max = 500) List<Long> students, long groupId) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.placeAlso(this);
        }
    }

    /** Out of one group, staying in the others. */
    record TakeFrom(@NotNull @Size(max = 500) List<Long> students, long groupId) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.takeFrom(this);
        }
    }

    /** The groups of a proposal take the place of those there are. */
    record TakeProposal(@NotNull @Valid ProposalAsked proposal) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.takeProposal(this);
        }
    }

    /** Moves all whom new scores say to move. */
    record TakeAdvice() implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.takeAdvice(this);
        }
    }

    /**
     * @param groupId the lower of two neighbours
     * @param otherGroupId the upper one
     * @param cut where the cut is to lie, in the unit of the line
     */
    record MoveCut(long groupId, long otherGroupId, double cut) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.moveCut(this);
        }
    }

    /**
     * @param text its name; absent for the next free one
     * @param students who go into it, if any
     */
    record AddGroup(@Nullable @Size(max = 500) String text, @Nullable @Size(max = 500) List<Long> students)
            implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.addGroup(this);
        }

        @Override
        public String facts() {
            return text == null ? "" : text;
        }
    }

    /**
     * @param text the new name
     * @param studentName what students call the group; absent where they are told no name
     */
    record Rename(long groupId, @NotNull @Size(max = 500) String text, @Nullable @Size(max = 60) String studentName)
            implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.rename(this);
        }

        @Override
        public String facts() {
            return text;
        }
    }

    /** No method and no cut moves them. */
    record Lock(@NotNull @Size(max = 500) List<Long> students) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.lock(this);
        }
    }

    record Unlock(@NotNull @Size(max = 500) List<Long> students) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.unlock(this);
        }
    }

    record WriteNote(long groupId, @NotNull @Size(max = 500) String text) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.writeNote(this);
        }

        @Override
        public String facts() {
            return text;
        }
    }

    /**
     * @param adults ids of all who lead the group
     */
    record LeadBy(long groupId, @NotNull @Size(max = 20) List<Long> adults) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.leadBy(this);
        }
    }

    /**
     * @param names given to the groups in the order of the bench
     * @param studentsSee whether students call the groups so too
     */
    record NameFrom(@NotNull @Size(max = 30) List<@NotNull String> names, @Nullable Boolean studentsSee)
            implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.nameFrom(this);
        }
    }

    /**
     * @param otherGroupId whose members join; it is gone afterwards
     */
    record Merge(long groupId, long otherGroupId) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.merge(this);
        }
    }

    /**
     * @param students who leave the group; absent for the better half by score
     */
    record Split(long groupId, @Nullable @Size(max = 500) List<Long> students) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.split(this);
        }
    }

    /** Its members are not placed afterwards. */
    record RemoveGroup(long groupId) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.removeGroup(this);
        }
    }

    /** Back to how it was after an earlier step. */
    record ReturnTo(long stepId) implements Deed {
        @Override
        public <T> T by(Deeds<T> deeds) {
            return deeds.returnTo(this);
        }
    }

    /** Back to how it was before the last step. */
    record Undo() implements BenchCommand {}

    /** Takes the step again that was undone last. */
    record Redo() implements BenchCommand {}

    /** As which kind it is kept. */
    enum Kind {
        PLACE(PlaceInto.class),
        PLACE_ALSO(PlaceAlso.class),
        TAKE_FROM(TakeFrom.class),
        TAKE_PROPOSAL(TakeProposal.class),
        TAKE_ADVICE(TakeAdvice.class),
        MOVE_CUT(MoveCut.class),
        ADD_GROUP(AddGroup.class),
        RENAME(Rename.class),
        LOCK(Lock.class),
        UNLOCK(Unlock.class),
        NOTE(WriteNote.class),
        LEAD(LeadBy.class),
        NAME_FROM(NameFrom.class),
        MERGE(Merge.class),
        SPLIT(Split.class),
        REMOVE_GROUP(RemoveGroup.class),
        RETURN_TO(ReturnTo.class),
        UNDO(Undo.class),
        REDO(Redo.class);

        private final Class<? extends BenchCommand> of;

        Kind(Class<? extends BenchCommand> of) {
            this.of = of;
        }

        private static Kind of(BenchCommand command) {
            return Arrays.stream(values())
                    .filter(each -> each.of.isInstance(command))
                    .findFirst()
                    .orElseThrow();
        }
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
    record ProposalAsked(
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
    record MeasureWeight(long measureId, @DecimalMin("0.1") @DecimalMax("10") double weight) {}
}
