package zafu.server.entry;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.platform.HomeAddress;

/** Entry cards to print, as PDF. */
@RestController
class EntryCardController {
    private final EntryCards cards;
    private final HomeAddress home;

    EntryCardController(EntryCards cards, HomeAddress home) {
        this.cards = cards;
        this.home = home;
    }

    /** Names of students with letters that papers come without, because no typeface here has them. */
    @GetMapping("/api/classes/{classId}/names-not-printed")
    List<String> notPrinted(@PathVariable long classId) {
        return cards.notPrinted(classId);
    }

    /** @param students absent for everybody in the class */
    @GetMapping(path = "/api/classes/{classId}/entry-cards", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cards(
            @PathVariable long classId, @RequestParam(required = false) @Nullable List<Long> students) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        "Content-Disposition",
                        ContentDisposition.inline()
                                .filename("entry-cards.pdf")
                                .build()
                                .toString())
                .body(cards.pdf(classId, students == null ? List.of() : students, home.address()));
    }
}
