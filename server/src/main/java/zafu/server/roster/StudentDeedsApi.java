package zafu.server.roster;

import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What {@link StudentDeedsController} takes and gives. */
final class StudentDeedsApi {
    private StudentDeedsApi() {}

    /** Each kind is taken back by its opposite for those it changed. */
    enum DeedKind {
        ARCHIVE,
        BRING_BACK,
        TAG,
        UNTAG,
        ADD_TO_CLASS,
        TAKE_OUT
    }

    /**
     * @param tag of TAG and UNTAG
     * @param classId of ADD_TO_CLASS and TAKE_OUT
     */
    record StudentsDeed(
            @NotNull DeedKind kind,
            @NotEmpty @Size(max = 2000) List<Long> students,
            @Nullable @Size(max = 60) String tag,
            @Nullable Long classId) {}

    /** @param students those who were not so before; the others stayed as they were */
    record DeedDone(List<Long> students) {}
}
