package zafu.server.attempt;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What {@link TickController} takes and gives. */
final class TickApi {
    private TickApi() {}

    /** @param done whether these have done it; false takes the tick away again */
    record Ticked(@NotNull @Size(min = 1, max = 400) List<Long> students, boolean done) {}

    record Handed(String written, boolean running, List<MyWorkApi.HandedFile> files) {}
}
