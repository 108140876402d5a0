package zafu.server.today;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.arrangement.ArrangementNews;
import zafu.server.link.LinkState;

/** What needs a person now. */
@RestController
class TodayController {
    private final TodayService service;

    TodayController(TodayService service) {
        this.service = service;
    }

    /**
     * @param drafts tasks that were never handed out
     * @param brokenLinks that students of the class would follow, and what came of following them
     */
    record Today(List<ArrangementNews.ForArrangement> arrangements, List<Draft> drafts, List<BrokenLink> brokenLinks) {}

    /** @param usedIn shelves and tasks by name */
    record BrokenLink(long itemId, String title, LinkState state, List<String> usedIn) {}

    record Draft(long id, String name) {}

    @GetMapping("/api/classes/{classId}/today")
    Today today(@PathVariable long classId) {
        return service.of(classId);
    }
}
