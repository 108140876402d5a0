package zafu.server.exchange;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.exchange.ExportApi.As;
import zafu.server.exchange.ExportApi.What;
import zafu.server.roster.SchoolSettings;

/** Lists that go out as files. */
@RestController
class ExportController {
    private static final MediaType XLSX =
            MediaType.parseMediaType("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
    private final Exports exports;
    private final SchoolSettings school;

    ExportController(Exports exports, SchoolSettings school) {
        this.exports = exports;
        this.school = school;
    }

    /** @param students absent for everybody in the class */
    @GetMapping("/api/classes/{classId}/export")
    ResponseEntity<byte[]> export(
            @PathVariable long classId,
            @RequestParam What what,
            @RequestParam As as,
            @RequestParam(required = false) @Nullable List<Long> students) {
        OutTable table = exports.table(classId, what, students == null ? List.of() : students);
        LocalDate today = school.today();
        String name = what.name().toLowerCase(Locale.ROOT) + "-" + today + "."
                + as.name().toLowerCase(Locale.ROOT);
        return ResponseEntity.ok()
                .contentType(as == As.CSV ? MediaType.parseMediaType("text/csv;charset=UTF-8") : XLSX)
                .header(
                        "Content-Disposition",
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(as == As.CSV ? table.asCsv() : table.asXlsx());
    }
}
