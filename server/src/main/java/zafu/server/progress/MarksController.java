package zafu.server.progress;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.core.mark.Mark;
import zafu.server.exchange.OutTable;

/** Marks of a class, how each came about, and as a file. */
@RestController
class MarksController {
    private static final MediaType XLSX =
            MediaType.parseMediaType("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
    private final MarkSheets sheets;

    MarksController(MarkSheets sheets) {
        this.sheets = sheets;
    }

    /** @param asOf the day at whose end the marks stood so */
    record MarksShown(LocalDate asOf, List<MarkColumn> categories, List<MarkRow> students) {}

    /** @param share of the whole weight, 0 to 1 */
    record MarkColumn(long id, String name, double share) {}

    /** @param categories one entry a category, without a value where nothing counts */
    record MarkRow(
            long id, String givenName, String familyName, @Nullable Double mark, List<CategoryShare> categories) {}

    record CategoryShare(@Nullable Double share) {}

    /** How one student's mark came about. */
    record MarkStory(
            long studentId,
            String givenName,
            @Nullable Double mark,
            LocalDate asOf,
            boolean missingIsZero,
            List<CategoryStory> categories) {}

    /** @param possible points over what counts; 0 where nothing does */
    record CategoryStory(String name, double share, double earned, double possible, List<PartStory> parts) {}

    /**
     * @param earned points that enter the mark, after what lateness took
     * @param number of the try that counts, absent where none does
     * @param percentOff what {@code daysLate} teaching days cost
     */
    record PartStory(
            long taskId,
            String taskName,
            Mark.Why why,
            double earned,
            double possible,
            @Nullable Integer number,
            int daysLate,
            int percentOff) {}

    enum MarksAs {
        CSV,
        XLSX
    }

    /** @param asOf absent for now */
    @GetMapping("/api/classes/{classId}/marks")
    MarksShown marks(@PathVariable long classId, @RequestParam(required = false) @Nullable LocalDate asOf) {
        return sheets.shown(classId, asOf);
    }

    @GetMapping("/api/classes/{classId}/marks/{studentId}")
    MarkStory story(
            @PathVariable long classId,
            @PathVariable long studentId,
            @RequestParam(required = false) @Nullable LocalDate asOf) {
        return sheets.story(classId, studentId, asOf);
    }

    /** @param groupId for the members of one group alone */
    @GetMapping("/api/classes/{classId}/marks-file")
    ResponseEntity<byte[]> file(
            @PathVariable long classId,
            @RequestParam MarksAs as,
            @RequestParam(required = false) @Nullable Long groupId,
            @RequestParam(required = false) @Nullable LocalDate asOf) {
        MarkSheets.Table table = sheets.table(classId, groupId, asOf);
        OutTable out = table.table();
        String name = "marks-" + table.asOf() + "." + as.name().toLowerCase(Locale.ROOT);
        return ResponseEntity.ok()
                .contentType(as == MarksAs.CSV ? MediaType.parseMediaType("text/csv;charset=UTF-8") : XLSX)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(as == MarksAs.CSV ? out.asCsv() : out.asXlsx());
    }
}
