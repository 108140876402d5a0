package zafu.server.measure;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.NumericScale;

/** A named numeric scale. */
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

    NumericScale scale() {
        OptionalDouble error = standardError == null ? OptionalDouble.empty() : OptionalDouble.of(standardError);
        return new NumericScale(lowest, highest, decimals, lowerIsBetter, error);
    }
}
