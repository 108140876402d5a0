package zafu.server.entry;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ContentDisposition;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Entry cards to print, as PDF. */
@RestController
class EntryCardController {
    private final EntryCards cards;
    private final String address;

    /** @param address under which students reach this Zafu; empty for the one that the request came to */
    EntryCardController(EntryCards cards, @Value("${zafu.address:}") String address) {
        this.cards = cards;
        this.address = address;
    }

    /** @param students absent for everybody in the class */
    @GetMapping(path = "/api/classes/{classId}/entry-cards", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> cards(
            @PathVariable long classId, @RequestParam(required = false) @Nullable List<Long> students) {
        String home = address.isEmpty()
                ? ServletUriComponentsBuilder.fromCurrentContextPath().toUriString()
                : address;
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(
                        "Content-Disposition",
                        ContentDisposition.inline()
                                .filename("entry-cards.pdf")
                                .build()
                                .toString())
                .body(cards.pdf(classId, students == null ? List.of() : students, home));
    }
}
