package zafu.server.oneroster;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link SchoolSystemController} takes and gives. */
final class SchoolSystemApi {
    private SchoolSystemApi() {}

    /** @param hasToken whether a token is kept; the token itself is never shown */
    record SystemShown(
            String address, boolean hasToken, boolean nightly, List<PullShown> pulls, @Nullable WaitingPull waiting) {}

    record PullShown(long id, Instant at, SchoolPull.State state, String message) {}

    record WaitingPull(long id, RosterImports.BundlePreview preview) {}

    /** @param token absent to keep the one there is */
    record SystemEdit(
            @NotNull @Size(max = 500) @Pattern(regexp = "|https?://.+", message = "{needs-web-address}") String address,
            @Nullable @Size(max = 200) String token,
            boolean nightly) {}
}
