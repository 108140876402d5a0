package zafu.server.measure;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.core.measure.Season;

/** What {@link MeasureController} takes and gives. */
final class MeasureApi {
    private MeasureApi() {}

    /**
     * @param levels names of levels, lowest first; empty for a numeric measure, and then the range counts
     * @param meanOf with MEAN, of how many values
     * @param classId whose own it is; absent where the whole school shares it
     */
    record MeasureEdit(
            @NotBlank @Size(max = 120) String name,
            @NotNull @Size(max = 40) String unit,
            double lowest,
            double highest,
            @Min(0) @Max(4) int decimals,
            boolean lowerIsBetter,
            @Nullable @Positive Double standardError,
            @NotNull @Size(max = 100) List<@NotBlank @Size(max = 30) String> levels,
            @NotNull Measure.Which whichCounts,
            @Nullable @Min(2) @Max(20) Integer meanOf,
            @Min(1) @Max(2000) int shelfLifeDays,
            boolean archived,
            @Nullable Long classId) {}

    record MadeMeasure(long id) {}

    /** The benchmarks of one grade and season. */
    record CutsShown(@Min(0) @Max(13) int grade, @NotNull Season season, @Size(max = 8) List<@Valid CutEdit> cuts) {}

    record CutEdit(double score, @NotBlank @Size(max = 60) String name) {}
}
