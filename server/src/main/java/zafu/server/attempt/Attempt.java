package zafu.server.attempt;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import zafu.core.schedule.TryTime;
import zafu.core.work.AttemptAtWork;
import zafu.server.task.Aids;

/** One try at a task. The server's clock alone says when it began and when it ends. */
@Entity
class Attempt implements AttemptAtWork {
    /** Who or what handed it in. */
    enum HandedInBy {
        STUDENT,
        TIME,
        /** Ticked by a teacher. */
        TEACHER
    }

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long taskId;
    long versionId;
    long studentId;
    int number;
    Instant startedAt = Instant.EPOCH;

    @Nullable
    Instant endsAt;

    /** What was granted when it began, so that a running try does not change under the student's hands. */
    @Nullable
    Integer percentOfQuestions;

    @Nullable
    Integer choicesLeft;

    /** Names the parts of questions, so that no page knows their places. */
    String partSecret = UUID.randomUUID().toString();

    /** What was written to be handed in, where the task asks for that. */
    String written = "";

    @Embedded
    @AttributeOverride(name = "number", column = @Column(name = "written_number"))
    @AttributeOverride(name = "device", column = @Column(name = "written_device"))
    @AttributeOverride(name = "given", column = @Column(name = "written_given"))
    SavedBy writtenSaved = new SavedBy();

    /** The minutes the student was told they have. */
    @Nullable
    Integer minutes;

    /** When nothing is taken any more, as it was when it began. */
    @Nullable
    Instant closesAt;

    /** Given by a teacher while it ran. */
    int addedMinutes;

    /** Minutes of break granted. */
    int breakMinutes;

    int breakSecondsUsed;

    /** When the break began that goes on, or that is over by itself and was not ended. */
    @Nullable
    Instant breakSince;

    /** Questions to look at again, with commas between. */
    String flagged = "";

    /** How often the questions to look at again were changed. */
    long flagsNumber;

    /** What a teacher says of it. */
    String remark = "";

    /** When a teacher had looked at it and gave it back. */
    @Nullable
    Instant returnedAt;

    @Nullable
    Long returnedBy;

    /** When what is written was written. */
    @Nullable
    Instant writtenGivenAt;

    @Nullable
    Instant handedInAt;

    @Enumerated(EnumType.STRING)
    @Nullable
    HandedInBy handedInBy;

    /** Points, as marked by itself or by a person; absent where nothing is marked. */
    @Nullable
    Double earned;

    @Nullable
    Double possible;

    /** Points that a person gave for the work as a whole. */
    @Nullable
    Double givenEarned;

    @Nullable
    Double givenPossible;

    /** How many pieces of it wait for a person to mark them; 0 while it runs. */
    int toMark;

    @Nullable
    Long markedBy;

    @Nullable
    Instant markedAt;

    /** When its result changed because a key was corrected. */
    @Nullable
    Instant correctedAt;

    @Version
    long version;

    @Override
    public Instant beganAt() {
        return startedAt;
    }

    @Override
    public Optional<Instant> endedAt() {
        return Optional.ofNullable(handedInAt);
    }

    @Override
    public OptionalDouble markedShare() {
        if (handedInAt == null || toMark > 0) {
            return OptionalDouble.empty();
        }
        boolean points = earned != null && possible != null && possible > 0;
        return OptionalDouble.of(points ? earned / possible : 0);
    }

    boolean isRunning() {
        return handedInAt == null;
    }

    boolean isOverAt(Instant moment) {
        return endsAt != null && !moment.isBefore(endsAt);
    }

    TryTime time() {
        Duration granted = Duration.ofMinutes(breakMinutes);
        return new TryTime(
                startedAt,
                minutes == null ? OptionalInt.empty() : OptionalInt.of(minutes),
                addedMinutes,
                Optional.ofNullable(closesAt),
                new TryTime.Breaks(granted, Duration.ofSeconds(breakSecondsUsed), Optional.ofNullable(breakSince)));
    }

    void take(TryTime time) {
        addedMinutes = time.added();
        breakSecondsUsed = (int) time.breaks().used().toSeconds();
        breakSince = time.breaks().since().orElse(null);
        endsAt = time.end().orElse(null);
    }

    /** Those of a version's questions that this try asks. */
    List<Long> kept(List<Long> questions) {
        return Aids.kept(questions, percentOfQuestions);
    }
}
