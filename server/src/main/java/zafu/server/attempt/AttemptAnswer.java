package zafu.server.attempt;

import jakarta.persistence.AttributeOverride;
import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The latest answer to one question of a try, as given. */
@Entity
class AttemptAnswer {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long attemptId;
    long questionId;

    /** The place of the chosen option for a choice, the text as typed otherwise. */
    @Column(length = 20_000)
    String given = "";

    /** What counts: what a person gave, else what it marked itself. */
    @Nullable
    Double earned;

    /** Points that a person gave instead of what it marks itself. */
    @Nullable
    Double givenPoints;

    /** What a person gave for each criterion, with spaces between; empty where they gave points for the whole, or none. */
    @Column(length = 400)
    String byCriterion = "";

    List<Double> criteria() {
        return byCriterion.isEmpty()
                ? List.of()
                : Arrays.stream(byCriterion.split(" ")).map(Double::valueOf).toList();
    }

    /** What a person says of it, for the student once the work is given back. */
    @Column(length = 4_000)
    String comment = "";

    @Nullable
    Long markedBy;

    @Nullable
    Instant markedAt;

    /** By which an older answer that comes later is known as one. */
    @Embedded
    @AttributeOverride(name = "number", column = @Column(name = "saved_number"))
    @AttributeOverride(name = "device", column = @Column(name = "saved_device"))
    @AttributeOverride(name = "given", column = @Column(name = "saved_given"))
    SavedBy saved = new SavedBy();

    /** When it was given, as far as the server believes the page; never after it was received. */
    @Nullable
    Instant givenAt;

    Instant receivedAt = Instant.EPOCH;
}
