package zafu.server.roster;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Whether the students of a class may come back on a known device by picture and PIN. */
@RestController
class PictureEntryController {
    private final PictureEntries entries;

    PictureEntryController(PictureEntries entries) {
        this.entries = entries;
    }

    record PictureEntryAllowed(boolean allowed) {}

    @GetMapping("/api/classes/{classId}/picture-entry")
    PictureEntryAllowed of(@PathVariable long classId) {
        return new PictureEntryAllowed(entries.ofClass(classId));
    }

    @PutMapping("/api/classes/{classId}/picture-entry")
    PictureEntryAllowed allow(@PathVariable long classId, @RequestBody PictureEntryAllowed wanted) {
        entries.allow(classId, wanted.allowed());
        return of(classId);
    }
}
