package zafu.server.library;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The texts and question sets of the school. */
@RestController
class LibraryController {
    private final LibraryService service;

    LibraryController(LibraryService service) {
        this.service = service;
    }

    record Shelves(List<TextShown> texts, List<QuestionSet> questionSets) {}

    record TextShown(long id, String title, String body, @Nullable Integer level, long version) {}

    record QuestionSet(long id, String title, List<QuestionShown> questions, long version) {}

    /** @param id absent for a question that is new */
    record QuestionShown(
            @Nullable Long id,
            @NotNull QuestionKind kind,
            @NotBlank @Size(max = 2000) String prompt,
            @Min(1) @Max(100) int points,
            @NotNull QuestionBody body) {}

    /** @param version of the text that was changed; absent for a new one */
    record TextEdit(
            @NotBlank @Size(max = 200) String title,
            @NotBlank @Size(max = 100_000) String body,
            @Nullable @Min(0) @Max(1200) Integer level,
            @Nullable Long version) {}

    record QuestionSetEdit(
            @NotBlank @Size(max = 200) String title,
            @Size(min = 1, max = 200) List<@Valid QuestionShown> questions,
            @Nullable Long version) {}

    @GetMapping("/api/library")
    Shelves shelves() {
        return service.shelves();
    }

    @PostMapping("/api/library/texts")
    TextShown addText(@Valid @RequestBody TextEdit wanted) {
        return service.saveText(null, wanted);
    }

    @PutMapping("/api/library/texts/{textId}")
    TextShown changeText(@PathVariable long textId, @Valid @RequestBody TextEdit wanted) {
        return service.saveText(textId, wanted);
    }

    @PostMapping("/api/library/question-sets")
    QuestionSet addQuestions(@Valid @RequestBody QuestionSetEdit wanted) {
        return service.saveQuestions(null, wanted);
    }

    @PutMapping("/api/library/question-sets/{setId}")
    QuestionSet changeQuestions(@PathVariable long setId, @Valid @RequestBody QuestionSetEdit wanted) {
        return service.saveQuestions(setId, wanted);
    }
}
