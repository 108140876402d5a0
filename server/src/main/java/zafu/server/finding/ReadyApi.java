package zafu.server.finding;

import java.util.List;
import org.jspecify.annotations.Nullable;
import zafu.server.library.ItemKind;

/** What {@link ReadyController} takes and gives. */
final class ReadyApi {
    private ReadyApi() {}

    /**
     * @param need how many of the members do not hold it
     * @param footed how many hold everything that comes before it
     */
    record ReadySkill(long skillId, String name, int need, int footed, int members, List<ReadyItem> items) {}

    record ReadyItem(long id, ItemKind kind, String title, @Nullable Double level, @Nullable Integer minutes) {}
}
