package zafu.server.library;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.UnguessableId;

/** A question of a set. One that was taken out stays, because answers to it stay. */
@Entity
@Table(name = "question")
class QuestionRow {
    @Id
    @UnguessableId
    @Nullable
    Long id;

    long itemId;
    int place;

    @Enumerated(EnumType.STRING)
    QuestionKind kind = QuestionKind.SHORT_ANSWER;

    /** Markdown. */
    @Column(length = 8_000)
    String prompt = "";

    int points;

    /** A {@link QuestionBody} as JSON. */
    @Column(length = 20_000)
    String body = "";

    /** What it shows of a student. */
    @Nullable
    Long skillId;

    boolean removed;
}
