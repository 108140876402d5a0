package zafu.server.library;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/** The addresses of the library's links, for whoever follows them. */
@Service
public class LinkItems {
    private final LibraryItemRepository items;
    private final ItemAccess access;

    LinkItems(LibraryItemRepository items, ItemAccess access) {
        this.items = items;
        this.access = access;
    }

    /** Ids of the links that the signed-in adult may see. */
    public Set<Long> seen() {
        return items.findByKindAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(ItemKind.LINK).stream()
                .filter(access::maySee)
                .map(item -> item.id)
                .collect(Collectors.toUnmodifiableSet());
    }

    /** Addresses by item, of all links that were not put away. */
    public Map<Long, String> addresses() {
        Map<Long, String> found = new LinkedHashMap<>();
        items.findByKindAndDeletedAtIsNullOrderByCreatedAtAscIdAsc(ItemKind.LINK)
                .forEach(item -> found.put(item.id, item.address));
        return found;
    }
}
