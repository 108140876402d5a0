package zafu.server.task;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.Column;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.hibernate.annotations.BatchSize;
import org.jspecify.annotations.Nullable;
import zafu.core.schedule.Terms;

/** The base (place 0) or a version of a task. A field that is not overridden is read from the base. */
@Entity
class TaskVersion {
    static final int BASE = 0;

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long taskId;
    int place;
    String staffName = "";

    /** Names of {@link Field}s, separated by commas; empty for the base. */
    String overrides = "";

    @Nullable
    String title;

    @Nullable
    Integer minutes;

    boolean includesAccommodations;

    @Nullable
    Instant opensAt;

    @Nullable
    Instant dueAt;

    @Nullable
    Instant closesAt;

    @Nullable
    Integer tries;

    boolean removed;

    @ElementCollection
    @CollectionTable(name = "task_version_text", joinColumns = @JoinColumn(name = "version_id"))
    @OrderColumn(name = "place")
    @Column(name = "item_id")
    @BatchSize(size = 1000)
    List<Long> texts = new ArrayList<>();

    @ElementCollection
    @CollectionTable(name = "task_version_question", joinColumns = @JoinColumn(name = "version_id"))
    @OrderColumn(name = "place")
    @Column(name = "question_id")
    @BatchSize(size = 1000)
    List<Long> questions = new ArrayList<>();

    boolean isBase() {
        return place == BASE;
    }

    Set<Field> overridden() {
        return Arrays.stream(overrides.split(","))
                .filter(name -> !name.isEmpty())
                .map(Field::valueOf)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(Field.class)));
    }

    void override(Set<Field> fields) {
        overrides = fields.stream().sorted().map(Field::name).collect(Collectors.joining(","));
    }

    /** What this version comes to, given its base. Rule 3: a field not overridden follows the base. */
    Content over(TaskVersion base) {
        return new Content(
                id,
                from(Field.TITLE, base).title == null ? "" : from(Field.TITLE, base).title,
                List.copyOf(from(Field.TEXTS, base).texts),
                List.copyOf(from(Field.QUESTIONS, base).questions),
                terms(base));
    }

    private Terms terms(TaskVersion base) {
        TaskVersion timed = from(Field.MINUTES, base);
        Integer limit = timed.minutes;
        Integer triesSet = from(Field.TRIES, base).tries;
        return new Terms(
                limit == null ? OptionalInt.empty() : OptionalInt.of(limit),
                timed.includesAccommodations,
                Optional.ofNullable(from(Field.OPENS, base).opensAt),
                Optional.ofNullable(from(Field.DUE, base).dueAt),
                Optional.ofNullable(from(Field.CLOSES, base).closesAt),
                triesSet == null ? 1 : triesSet);
    }

    private TaskVersion from(Field field, TaskVersion base) {
        return overridden().contains(field) ? this : base;
    }

    /** A version with everything it takes from the base filled in. */
    record Content(long versionId, String title, List<Long> texts, List<Long> questions, Terms terms) {}
}
