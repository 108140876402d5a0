package zafu.server.arrangement;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Writing on arrangements, copying them, putting them away and taking them out again. */
@RestController
class ArrangementCareController {
    private final ArrangementCare care;

    ArrangementCareController(ArrangementCare care) {
        this.care = care;
    }

    /**
     * All that can be written of an arrangement; see {@link BenchView.Details}.
     *
     * @param sight absent to leave it as it is
     */
    record ArrangementEdit(
            @NotBlank @Size(max = 120) String name,
            @NotBlank @Size(max = 60) String subject,
            @NotNull @Size(max = 60) String purpose,
            @NotNull @Size(max = 1000) String description,
            @NotNull @Size(max = 2000) String note,
            @NotNull LocalDate beginsOn,
            @NotNull LocalDate endsOn,
            boolean overlap,
            @NotNull @Size(max = 20) List<Long> classIds,
            @Nullable @Size(max = 12) List<@Size(max = 60) String> watched,
            @Nullable Sight sight,
            long version) {}

    record NextCycle(@NotBlank @Size(max = 120) String name, @NotNull LocalDate beginsOn, @NotNull LocalDate endsOn) {}

    /** @param on in the school's zone */
    record PutAway(long id, String name, LocalDateTime on) {}

    @PutMapping("/api/arrangements/{arrangementId}")
    void edit(@PathVariable long arrangementId, @Valid @RequestBody ArrangementEdit edit) {
        care.edit(arrangementId, edit);
    }

    @PostMapping("/api/arrangements/{arrangementId}/copies")
    ArrangementController.MadeArrangement copy(@PathVariable long arrangementId, @Valid @RequestBody NextCycle wanted) {
        return new ArrangementController.MadeArrangement(care.copy(arrangementId, wanted));
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
