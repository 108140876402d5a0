package zafu.server.qti;

import jakarta.validation.constraints.NotNull;
import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.library.ItemKind;
import zafu.server.library.Visibility;

/** What {@link PackageController} takes and gives. */
final class PackageApi {
    private PackageApi() {}

    /**
     * Who is to find what is taken.
     *
     * @param skillId what all of it trains, beside the skills it names itself; absent where nothing is said
     */
    record Taking(@NotNull Visibility visibility, @Nullable Long classId, @Nullable Long skillId) {}

    /**
     * @param changed what is not quite as in the package
     * @param leftOut what cannot be taken, and why
     * @param ids of what was taken; empty while it is only looked at
     */
    record Report(
            List<InPackage> items,
            List<PackageRead.Finding> changed,
            List<PackageRead.Finding> leftOut,
            List<Long> ids) {}

    record InPackage(ItemKind kind, String title, int questions) {}
}
