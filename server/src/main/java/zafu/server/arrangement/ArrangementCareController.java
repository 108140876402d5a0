package zafu.server.arrangement;

import jakarta.validation.Valid;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.arrangement.ArrangementCareApi.ArrangementEdit;
import zafu.server.arrangement.ArrangementCareApi.NextCycle;
import zafu.server.arrangement.ArrangementCareApi.PutAway;

/** Writing on arrangements, copying them, putting them away and taking them out again. */
@RestController
class ArrangementCareController {
    private final ArrangementCare care;

    ArrangementCareController(ArrangementCare care) {
        this.care = care;
    }

    @PutMapping("/api/arrangements/{arrangementId}")
    void edit(@PathVariable long arrangementId, @Valid @RequestBody ArrangementEdit edit) {
        care.edit(arrangementId, edit);
    }

    @PostMapping("/api/arrangements/{arrangementId}/copies")
    ArrangementApi.MadeArrangement copy(@PathVariable long arrangementId, @Valid @RequestBody NextCycle wanted) {
        return new ArrangementApi.MadeArrangement(care.copy(arrangementId, wanted));
    }

    /** It is seen no more; the work of those who were in its groups stays with them. */
    @DeleteMapping("/api/arrangements/{arrangementId}")
    void putAway(@PathVariable long arrangementId) {
        care.putAway(arrangementId);
    }

    @PostMapping("/api/arrangements/{arrangementId}/restored")
    void takeOutAgain(@PathVariable long arrangementId) {
        care.takeOutAgain(arrangementId);
    }

    @GetMapping("/api/classes/{classId}/arrangements/put-away")
    List<PutAway> putAwayOf(@PathVariable long classId) {
        return care.putAwayOf(classId);
    }
}
