package zafu.server.measure;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.PrePersist;
import jakarta.persistence.PreUpdate;
import jakarta.persistence.Version;
import java.util.List;
import java.util.OptionalDouble;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.Better;
import zafu.core.measure.CountingValue;
import zafu.core.measure.NumericScale;
import zafu.core.measure.WhichCounts;

/** A named scale, of numbers or of ordered levels, which are kept as numbers from 0. */
@Entity
class Measure {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @Nullable
    Long id;

    String name = "";
    String unit = "";
    double lowest;
    double highest;
    int decimals;
    boolean lowerIsBetter;

    @Nullable
    Double standardError;

    int shelfLifeDays;
    /** Names of levels, one a line, lowest first; empty for a numeric measure. */
    String levels = "";

    @Enumerated(EnumType.STRING)
    Which whichCounts = Which.LATEST;

    @Nullable
    Integer meanOf;

    boolean archived;

    /** Whose own it is; absent where the whole school shares it. */
    @Nullable
    Long classId;

    /** Unique, so that two who make the same at once do not both make it. */
    String nameInClass = "";

    String sourceId = UUID.randomUUID().toString();

    @Version
    long version;

    /** Which value counts, as it is kept and spoken. */
    enum Which {
        LATEST,
        BEST,
        MEAN
    }

    @PrePersist
    @PreUpdate
    void nameInClass() {
        nameInClass = (classId == null ? "" : classId) + "/" + name;
    }

    List<String> levelNames() {
        return levels.isEmpty() ? List.of() : List.of(levels.split("\n"));
    }

    Better better() {
        return Better.of(lowerIsBetter);
    }

    CountingValue.Counting counting() {
        WhichCounts which =
                switch (whichCounts) {
                    case LATEST -> WhichCounts.latest();
                    case BEST -> new WhichCounts.Best();
                    case MEAN -> new WhichCounts.MeanOfLast(meanOf == null ? 3 : meanOf);
                };
        return new CountingValue.Counting(which, better(), shelfLifeDays);
    }

    NumericScale scale() {
        OptionalDouble error = standardError == null ? OptionalDouble.empty() : OptionalDouble.of(standardError);
        return new NumericScale(lowest, highest, decimals, better(), error);
    }
}
