package zafu.server.library;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Service;

/** The addresses of the library's links, for whoever follows them. */
@Service
public class LinkItems {
    private final LibraryItemRepository items;

    LinkItems(LibraryItemRepository items) {
        this.items = items;
    }

    /** Addresses by item, of all links that were not put away. */
    public Map<Long, String> addresses() {
        Map<Long, String> found = new LinkedHashMap<>();
        items.findByKindAndDeletedAtIsNullOrderById(ItemKind.LINK).forEach(item -> found.put(item.id, item.address));
        return found;
    }
}
