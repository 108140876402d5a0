package zafu.server.library;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link UnitController} takes and gives. */
final class UnitApi {
    private UnitApi() {}

    /** @param version of the unit that was changed; absent for a new one */
    record UnitEdit(
            @NotBlank @Size(max = 200) String title,
            @NotNull @Size(max = 2000) String about,
            @Nullable LocalDate beginsOn,
            @NotNull @Size(max = 200) List<Long> items,
            @NotNull @Size(max = 60) List<Long> skills,
            @Nullable Long version) {}

    record UnitId(long id) {}
}
