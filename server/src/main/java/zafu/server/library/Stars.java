package zafu.server.library;

import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import zafu.server.access.CurrentPerson;

/** What the signed-in adult has starred. */
@Service
public class Stars {
    private final LibraryStarRepository stars;
    private final CurrentPerson current;

    Stars(LibraryStarRepository stars, CurrentPerson current) {
        this.stars = stars;
        this.current = current;
    }

    public Set<Long> mine() {
        return stars.findByAdultId(current.adult().adultId()).stream()
                .map(each -> each.itemId)
                .collect(Collectors.toSet());
    }
}
