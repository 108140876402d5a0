package zafu.server.link;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.CurrentPerson;
import zafu.server.library.LinkItems;

/** What came of following links, and following them now. */
@RestController
class LinkController {
    private final LinkChecks checks;
    private final LinkItems links;
    private final CurrentPerson current;

    LinkController(LinkChecks checks, LinkItems links, CurrentPerson current) {
        this.links = links;
        this.checks = checks;
        this.current = current;
    }

    /** @param states by item */
    record LinkStates(Map<Long, LinkShown> states) {}

    record LinkShown(LinkState state, Instant checkedAt, @Nullable String movedTo) {}

    @GetMapping("/api/library/links")
    LinkStates states() {
        current.adult();
        Set<Long> seen = links.seen();
        Map<Long, LinkShown> shown = new LinkedHashMap<>();
        checks.states().forEach((item, each) -> {
            if (seen.contains(item)) {
                shown.put(item, new LinkShown(each.state(), each.checkedAt(), each.movedTo()));
            }
        });
        return new LinkStates(shown);
    }

    @PostMapping("/api/library/links/followed")
    LinkStates followNow() {
        current.adult();
        checks.followAll();
        return states();
    }
}
