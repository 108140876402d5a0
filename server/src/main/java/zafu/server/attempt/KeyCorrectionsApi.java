package zafu.server.attempt;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;

/** What {@link KeyCorrectionsController} takes and gives. */
final class KeyCorrectionsApi {
    private KeyCorrectionsApi() {}

    /** @param questions whose answers are marked by an older key; empty where none is */
    record KeysCorrected(List<CorrectedQuestion> questions) {}

    /**
     * @param answers of handed-in attempts
     * @param up how many of them would earn more, {@code down} less
     * @param comparable whether the answers can be marked by it: it asks what it asked before
     */
    record CorrectedQuestion(long questionId, String prompt, int answers, int up, int down, boolean comparable) {}

    record MarkAgain(@NotNull @Size(min = 1, max = 500) List<Long> questions) {}

    /** @param ids by which it is undone */
    record MarkedAgain(@NotNull @Size(max = 500) List<Long> ids) {}
}
