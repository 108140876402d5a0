package zafu.server.attempt;

import jakarta.validation.Valid;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.server.attempt.TryReviewApi.LateDecided;
import zafu.server.attempt.TryReviewApi.MinutesAdded;
import zafu.server.attempt.TryReviewApi.Remark;
import zafu.server.attempt.TryReviewApi.TryForTeacher;

/** One try, for the adults of its class. */
@RestController
class TryReviewController {
    private final TryReview review;
    private final TryClocks clocks;

    TryReviewController(TryReview review, TryClocks clocks) {
        this.review = review;
        this.clocks = clocks;
    }

    @GetMapping("/api/tries/{tryId}")
    TryForTeacher of(@PathVariable long tryId) {
        return review.of(tryId);
    }

    @PostMapping("/api/tries/{tryId}/minutes")
    TryForTeacher addMinutes(@PathVariable long tryId, @Valid @RequestBody MinutesAdded wanted) {
        clocks.addMinutes(tryId, wanted.minutes());
        return review.of(tryId);
    }

    @PutMapping("/api/tries/{tryId}/remark")
    TryForTeacher remark(@PathVariable long tryId, @Valid @RequestBody Remark wanted) {
        review.remark(tryId, wanted);
        return review.of(tryId);
    }

    @PostMapping("/api/late-answers/{lateId}/decision")
    TryForTeacher decide(@PathVariable long lateId, @Valid @RequestBody LateDecided wanted) {
        return review.of(review.decide(lateId, wanted.decision()));
    }
}
