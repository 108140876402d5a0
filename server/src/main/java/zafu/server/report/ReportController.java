package zafu.server.report;

import jakarta.validation.Valid;
import java.util.List;
import java.util.Locale;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.report.ReportApi.ReportLanguage;
import zafu.server.report.ReportApi.ReportShown;
import zafu.server.report.ReportApi.ReportWanted;

/** Reports to print: as the words of their sheets, and as one PDF. */
@RestController
class ReportController {
    private final ReportService reports;

    ReportController(ReportService reports) {
        this.reports = reports;
    }

    @GetMapping("/api/report-languages")
    List<ReportLanguage> languages() {
        return ReportWords.ALL.stream()
                .map(each -> new ReportLanguage(each.language(), each.name()))
                .toList();
    }

    @GetMapping("/api/classes/{classId}/reports")
    ReportShown report(@PathVariable long classId, @Valid @ParameterObject ReportWanted wanted) {
        return reports.of(classId, wanted);
    }

    @GetMapping("/api/classes/{classId}/reports.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable long classId, @Valid @ParameterObject ReportWanted wanted) {
        String name = wanted.kind().name().toLowerCase(Locale.ROOT).replace('_', '-') + ".pdf";
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.inline().filename(name).build().toString())
                .body(reports.pdf(classId, wanted));
    }
}
