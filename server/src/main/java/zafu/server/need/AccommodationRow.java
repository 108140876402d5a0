package zafu.server.need;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import zafu.core.need.Accommodation;
import zafu.core.need.Support;
import zafu.core.need.WorkKind;

/** An accommodation as it is kept. Never changed: one that no longer holds is ended, another granted. */
@Entity
@Table(name = "accommodation")
class AccommodationRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    long studentId;

    @Nullable
    Long planId;

    @Enumerated(EnumType.STRING)
    Support support = Support.READ_ALOUD;

    @Nullable
    BigDecimal amount;

    String detail = "";
    /** Names of work kinds with commas between; empty for all. */
    String works = "";
    /** Subjects with commas between; empty for all. */
    String subjects = "";

    @Nullable
    LocalDate fromOn;

    @Nullable
    LocalDate toOn;

    String source = "";

    @Nullable
    String sourceId;

    Instant setAt = Instant.EPOCH;

    @Nullable
    Long setBy;

    @Nullable
    Instant endedAt;

    @Nullable
    Long endedBy;

    void set(Accommodation granted) {
        support = granted.support();
        amount = granted.amount().orElse(null);
        detail = granted.detail();
        works = granted.works().stream().sorted().map(Enum::name).collect(Collectors.joining(","));
        subjects = granted.subjects().stream().sorted().collect(Collectors.joining(","));
        fromOn = granted.from().orElse(null);
        toOn = granted.to().orElse(null);
    }

    Accommodation asGranted() {
        return new Accommodation(
                support,
                Optional.ofNullable(amount),
                detail,
                parts(works).stream().map(WorkKind::valueOf).collect(Collectors.toSet()),
                parts(subjects),
                Optional.ofNullable(fromOn),
                Optional.ofNullable(toOn));
    }

    private static Set<String> parts(String joined) {
        return Arrays.stream(joined.split(",")).filter(each -> !each.isBlank()).collect(Collectors.toSet());
    }
}
