package zafu.server.library;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** What a question asked until it was changed. */
@Entity
class QuestionEdition {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long questionId;
    Instant untilAt = Instant.EPOCH;

    @Enumerated(EnumType.STRING)
    QuestionKind kind = QuestionKind.SHORT_ANSWER;

    @Column(length = 8_000)
    String prompt = "";

    int points;

    @Column(length = 20_000)
    String body = "";
}
