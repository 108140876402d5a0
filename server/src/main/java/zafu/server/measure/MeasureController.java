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
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.core.measure.Season;

/** Measures and their benchmarks: what scores are taken on. */
@RestController
class MeasureController {
    private final MeasureService service;

    MeasureController(MeasureService service) {
        this.service = service;
    }

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

    @GetMapping("/api/measures")
    List<Measures.MeasureCard> measures() {
        return service.all();
    }

    @PostMapping("/api/measures")
    MadeMeasure create(@Valid @RequestBody MeasureEdit wanted) {
        return new MadeMeasure(service.create(wanted));
    }

    @PutMapping("/api/measures/{measureId}")
    void change(@PathVariable long measureId, @Valid @RequestBody MeasureEdit wanted) {
        service.change(measureId, wanted);
    }

    @GetMapping("/api/measures/{measureId}/cuts")
    List<CutsShown> cuts(@PathVariable long measureId) {
        return service.cuts(measureId);
    }

    @PutMapping("/api/measures/{measureId}/cuts")
    void setCuts(@PathVariable long measureId, @Valid @RequestBody CutsShown wanted) {
        service.setCuts(measureId, wanted);
    }
}
