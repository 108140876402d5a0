package zafu.server.roster;

import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;

/** What {@link LeaverController} takes and gives. */
final class LeaverApi {
    private LeaverApi() {}

    /**
     * @param left the day on which the student was archived, or left the last class
     * @param classes by name, those of earlier years too
     */
    record Leaver(long id, String name, LocalDate left, List<String> classes) {}

    record LeaversErased(@NotNull LocalDate before, @NotEmpty @Size(max = 5000) List<@NotNull Long> students) {}
}
