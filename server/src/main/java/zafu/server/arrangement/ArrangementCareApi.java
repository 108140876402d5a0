package zafu.server.arrangement;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link ArrangementCareController} takes and gives. */
final class ArrangementCareApi {
    private ArrangementCareApi() {}

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
}
