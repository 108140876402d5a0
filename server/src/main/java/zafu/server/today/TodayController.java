package zafu.server.today;

import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.today.TodayApi.Today;

/** What needs a person now. */
@RestController
class TodayController {
    private final TodayService service;

    TodayController(TodayService service) {
        this.service = service;
    }

    @GetMapping("/api/classes/{classId}/today")
    Today today(@PathVariable long classId, @RequestParam(required = false) @Nullable Long arrangementId) {
        return service.of(classId, arrangementId);
    }
}
