package zafu.server.growth;

import jakarta.validation.Valid;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.growth.GrowthApi.AimsSet;
import zafu.server.growth.GrowthApi.GrowthShown;

/** Growth of the students of a class on one measure. */
@RestController
class GrowthController {
    private final Growth growth;

    GrowthController(Growth growth) {
        this.growth = growth;
    }

    @GetMapping("/api/classes/{classId}/growth")
    GrowthShown growth(
            @PathVariable long classId,
            @RequestParam long measureId,
            @RequestParam(required = false) @Nullable Long arrangementId) {
        return growth.of(classId, measureId, arrangementId);
    }

    /** Sets aims, and answers those that were there before; sent again, these take it back. */
    @PostMapping("/api/classes/{classId}/aims")
    AimsSet setAims(@PathVariable long classId, @Valid @RequestBody AimsSet wanted) {
        return growth.setAims(classId, wanted);
    }
}
