package zafu.server.shelf;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Service;
import zafu.server.arrangement.Arrangements;

/** What lies on the shelves of a class, for the other features. Permission is theirs to check. */
@Service
public class ShelvesOfClass {
    private final ShelfEntryRepository entries;
    private final Arrangements arrangements;

    ShelvesOfClass(ShelfEntryRepository entries, Arrangements arrangements) {
        this.entries = entries;
        this.arrangements = arrangements;
    }

    /** For each item the staff names of the groups on whose shelf it lies. */
    public Map<Long, Set<String>> groupsByItem(long classId) {
        Map<Long, String> names = new LinkedHashMap<>();
        arrangements.seenOfClass(classId).forEach(group -> names.put(group.id().value(), group.name()));
        Map<Long, Set<String>> byItem = new LinkedHashMap<>();
        entries.findByGroupIdInOrderByPlaceAscIdAsc(names.keySet())
                .forEach(each -> byItem.computeIfAbsent(each.itemId, id -> new LinkedHashSet<>())
                        .add(names.get(each.groupId)));
        return byItem;
    }
}
