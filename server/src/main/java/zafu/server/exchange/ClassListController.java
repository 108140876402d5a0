package zafu.server.exchange;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestPart;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.multipart.MultipartFile;

/** Bringing in a class from a file: looked at first, then taken whole. The file travels each time; nothing is kept. */
@RestController
class ClassListController {
    private final ClassListService service;

    ClassListController(ClassListService service) {
        this.service = service;
    }

    /**
     * @param classId an existing class to add to; absent for a new class
     * @param className of a new class
     * @param grade for students whose row gives none
     * @param takenOn the day of the scores
     * @param columns absent at the first look: then they are guessed
     */
    record Wanted(
            @Nullable Long classId,
            @Size(max = 80) String className,
            @Min(0) @Max(13) int grade,
            LocalDate takenOn,
            @Nullable List<ColumnUse> columns) {}

    record Preview(List<ListColumn> columns, List<ListRow> rows, int good, int withProblem) {}

    /** @param samples the first few cells that are not blank */
    record ListColumn(String name, ColumnUse use, List<String> samples) {}

    /** @param scores in the order of the score columns; absent is "not assessed" */
    record ListRow(
            int number,
            String givenName,
            String familyName,
            int grade,
            List<ScoreCell> scores,
            @Nullable String problem) {}

    record ScoreCell(@Nullable Double value, String typed) {}

    record Taken(long classId, int newStudents, int knownStudents, int scores, int leftOut) {}

    @PostMapping(path = "/api/class-lists/preview", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Preview preview(@RequestPart MultipartFile file, @Valid @RequestPart Wanted wanted) throws IOException {
        return service.preview(file.getBytes(), wanted);
    }

    @PostMapping(path = "/api/class-lists", consumes = MediaType.MULTIPART_FORM_DATA_VALUE)
    Taken take(@RequestPart MultipartFile file, @Valid @RequestPart Wanted wanted) throws IOException {
        return service.take(file.getBytes(), wanted);
    }
}
