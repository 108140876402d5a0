package zafu.server.progress;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.progress.MarksApi.MarkStory;
import zafu.server.progress.MarksApi.MarksAs;
import zafu.server.progress.MarksApi.MarksShown;

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
