package zafu.server.measure;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link ScoreSheetController} takes and gives. */
final class ScoreSheetApi {
    private ScoreSheetApi() {}

    record ScoreSheet(LocalDate on, List<Measures.MeasureCard> measures, List<SheetLine> lines) {}

    /** @param cells by the order of the measures; blank where nothing was noted that day */
    record SheetLine(long studentId, String givenName, String familyName, List<String> cells) {}

    record SheetEdit(@NotNull LocalDate on, @NotEmpty @Size(max = 5000) List<@Valid CellTyped> cells) {}

    /** @param typed blank takes back what stands there that day */
    record CellTyped(long studentId, long measureId, @NotNull @Size(max = 60) String typed) {}

    /** Only good cells were kept; each other one has its fault and what was there is there still. */
    record SheetKept(List<CellKept> cells) {}

    record CellKept(long studentId, long measureId, String shown, @Nullable String fault) {}

    record StudentHistory(List<MeasureHistory> measures) {}

    /** @param cut where the band of the value that counts begins */
    record MeasureHistory(
            Measures.MeasureCard measure,
            List<ScorePoint> points,
            ScoresNow.@Nullable Score now,
            List<Measures.BandCut> cuts) {}

    record ScorePoint(LocalDate takenOn, @Nullable Double value, @Nullable String reason) {}
}
