package zafu.server.arrangement;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import zafu.core.grouping.Sizes;

/** One way to divide a class into groups, for a purpose and a stretch of weeks. */
@Entity
class Arrangement {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long classId;
    String name = "";
    String subject = "";
    LocalDate beginsOn = LocalDate.EPOCH;
    LocalDate endsOn = LocalDate.EPOCH;

    @Nullable
    Long measureId;

    @Enumerated(EnumType.STRING)
    Method method = Method.BY_HAND;

    int smallest;
    int largest;
    String purpose = "";
    String description = "";

    /** The teacher's note for all groups. */
    String note = "";

    /** Whether a student may be in several of its groups. */
    boolean overlap;

    /** The tags whose balance is watched, one to a line; absent for all there are. */
    @Nullable
    String watched;

    /** The skill by whose statuses the score line is drawn. */
    @Nullable
    String lineSkill;

    /** The measures, each with its weight, that the score line shows as one. */
    @Nullable
    String lineMeasures;

    /** Beside the measure, for a scatter. */
    @Nullable
    Long secondMeasureId;

    @Enumerated(EnumType.STRING)
    Sight sight = Sight.CLASS;

    /** Who last said who sees it; whose it is where it is kept to oneself. */
    @Nullable
    Long keptBy;

    /** Counts the changes of its bench. */
    long revision;

    /** Put away; absent while it is in use. Its groups go on saying who has which work. */
    @Nullable
    Instant deletedAt;

    @Version
    long version;

    /** Whether an adult who works in its classes sees it. */
    boolean isSeenBy(Optional<Long> adultId) {
        return Sight.isFor(adultId, onlyFor());
    }

    /** The adult who keeps it to themselves, if so. */
    @Nullable
    Long onlyFor() {
        return sight == Sight.MINE ? keptBy : null;
    }

    /** One like it, without groups, for another stretch of time. */
    Arrangement another(String name, LocalDate beginsOn, LocalDate endsOn) {
        Arrangement made = new Arrangement();
        made.classId = classId;
        made.name = name;
        made.subject = subject;
        made.purpose = purpose;
        made.description = description;
        made.beginsOn = beginsOn;
        made.endsOn = endsOn;
        made.measureId = measureId;
        made.method = method;
        made.smallest = smallest;
        made.largest = largest;
        made.overlap = overlap;
        made.watched = watched;
        made.lineSkill = lineSkill;
        made.lineMeasures = lineMeasures;
        made.secondMeasureId = secondMeasureId;
        return made;
    }

    Optional<List<String>> watchedTags() {
        return Optional.ofNullable(watched).map(tags -> List.of(tags.split("\n", -1)));
    }

    Sizes sizes() {
        return new Sizes(smallest, largest);
    }
}
