package zafu.server.link;

import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.access.CurrentPerson;

/** What came of following links, and following them now. */
@RestController
class LinkController {
    private final LinkChecks checks;
    private final CurrentPerson current;

    LinkController(LinkChecks checks, CurrentPerson current) {
        this.checks = checks;
        this.current = current;
    }

    /** @param states by item */
    record LinkStates(Map<Long, LinkShown> states) {}

    record LinkShown(LinkState state, Instant checkedAt, @Nullable String movedTo) {}

    @GetMapping("/api/library/links")
    LinkStates states() {
        current.adult();
        Map<Long, LinkShown> shown = new LinkedHashMap<>();
        checks.states()
                .forEach(
                        (item, each) -> shown.put(item, new LinkShown(each.state(), each.checkedAt(), each.movedTo())));
        return new LinkStates(shown);
    }

    @PostMapping("/api/library/links/followed")
    LinkStates followNow() {
        current.adult();
        checks.followAll();
        return states();
    }
}
