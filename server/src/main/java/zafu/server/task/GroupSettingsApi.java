package zafu.server.task;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/** What {@link GroupSettingsController} takes and gives. */
final class GroupSettingsApi {
    private GroupSettingsApi() {}

    /**
     * @param version as it was read, 0 where nothing was set
     * @param tries at least so many, absent to leave what each task says
     * @param tools with commas between
     * @param alongside what may lie beside the work, as students read it
     */
    record ForGroup(
            long version,
            @Nullable @Min(1) @Max(20) Integer tries,
            boolean readAloud,
            @NotNull @Size(max = 500) String tools,
            @NotNull @Size(max = 500) String alongside) {}
}
