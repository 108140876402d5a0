package zafu.server.corner;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** Something said in a talk, by an adult or a student. */
@Entity
class TalkPost {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long talkId;

    @Nullable
    Long adultId;

    @Nullable
    Long studentId;

    /** The student to whom alone it is said; absent where it is for all. */
    @Nullable
    Long onlyFor;

    @Column(length = 4000)
    String text = "";

    Instant postedAt = Instant.EPOCH;

    @Nullable
    Instant hiddenAt;

    @Nullable
    Instant reportedAt;

    @Nullable
    Long reportedBy;
}
