package zafu.server.need;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.math.BigDecimal;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import zafu.core.need.Support;

/** What a word for a need means in this school's lists. */
@Entity
class NeedWord {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    /** As it was typed. */
    String word = "";

    /** In one spelling, by which it is found. */
    String plainWord = "";

    @Enumerated(EnumType.STRING)
    Support support = Support.READ_ALOUD;

    @Nullable
    BigDecimal amount;

    String detail = "";

    @Nullable
    Long saidBy;

    Instant saidAt = Instant.EPOCH;
}
