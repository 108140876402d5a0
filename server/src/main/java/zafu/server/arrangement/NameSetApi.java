package zafu.server.arrangement;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link NameSetController} takes and gives. */
final class NameSetApi {
    private NameSetApi() {}

    /** @param id absent for those that ship with the application */
    record NameSetShown(@Nullable Long id, String title, List<String> names) {}

    record NewNameSet(@NotBlank @Size(max = 60) String title, @NotNull @Size(max = 30) List<@NotNull String> names) {}

    record KeptNameSet(long id) {}
}
