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
import zafu.core.schedule.OwnTerms;
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
    String instructions;

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
                orEmpty(from(Field.TITLE, base).title),
                orEmpty(from(Field.INSTRUCTIONS, base).instructions),
                List.copyOf(from(Field.TEXTS, base).texts),
                List.copyOf(from(Field.QUESTIONS, base).questions),
                own(),
                includesAccommodations,
                isBase() ? baseTerms() : base.baseTerms().replacedBy(own(), includesAccommodations));
    }

    private static String orEmpty(@Nullable String text) {
        return text == null ? "" : text;
    }

    /** The terms of a base. */
    Terms baseTerms() {
        return new Terms(
                minutes == null ? OptionalInt.empty() : OptionalInt.of(minutes),
                includesAccommodations,
                Optional.ofNullable(opensAt),
                Optional.ofNullable(dueAt),
                Optional.ofNullable(closesAt),
                tries == null ? 1 : tries);
    }

    /** The terms that a version sets by itself. */
    private OwnTerms own() {
        Set<Field> own = overridden();
        return new OwnTerms(
                Parts.setting(own.contains(Field.MINUTES), minutes),
                Parts.setting(own.contains(Field.OPENS), opensAt),
                Parts.setting(own.contains(Field.DUE), dueAt),
                Parts.setting(own.contains(Field.CLOSES), closesAt),
                own.contains(Field.TRIES) && tries != null ? OptionalInt.of(tries) : OptionalInt.empty());
    }

    private TaskVersion from(Field field, TaskVersion base) {
        return overridden().contains(field) ? this : base;
    }

    /**
     * A version with everything it takes from the base filled in.
     *
     * @param own the terms that are its own; {@code ownIncludes} goes with its minutes
     * @param terms in the class that made the task
     */
    record Content(
            long versionId,
            String title,
            String instructions,
            List<Long> texts,
            List<Long> questions,
            OwnTerms own,
            boolean ownIncludes,
            Terms terms) {}
}
