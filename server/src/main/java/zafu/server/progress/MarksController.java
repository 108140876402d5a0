package zafu.server.progress;

import java.time.LocalDate;
import java.util.List;
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

/** Marks of a class, how each came about, and as a file. */
@RestController
class MarksController {
    private static final MediaType XLSX =
            MediaType.parseMediaType("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
    private static final MediaType ZIP = MediaType.parseMediaType("application/zip");
    private final MarkSheets sheets;
    private final ResultBundles bundles;

    MarksController(MarkSheets sheets, ResultBundles bundles) {
        this.sheets = sheets;
        this.bundles = bundles;
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
        XLSX,
        /** A OneRoster 1.2 bundle of categories, line items and results. */
        ONEROSTER
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
        MarkSheets.GoingOut out = sheets.goingOut(classId, groupId, asOf);
        return switch (as) {
            case CSV ->
                named(
                        out,
                        "csv",
                        MediaType.parseMediaType("text/csv;charset=UTF-8"),
                        MarkSheets.table(out).asCsv());
            case XLSX -> named(out, "xlsx", XLSX, MarkSheets.table(out).asXlsx());
            case ONEROSTER -> named(out, "zip", ZIP, bundles.of(classId, out));
        };
    }

    private static ResponseEntity<byte[]> named(MarkSheets.GoingOut out, String ending, MediaType type, byte[] file) {
        String name = "marks-" + out.asOf() + "." + ending;
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(file);
    }
}
