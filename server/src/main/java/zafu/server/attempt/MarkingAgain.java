package zafu.server.attempt;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Marks all handed-in attempts of a task again, once what they are marked by has changed, and tells whose result changed. */
@Component
class MarkingAgain {
    private final AttemptRepository attempts;
    private final TryMarker marker;
    private final TryNews news;

    MarkingAgain(AttemptRepository attempts, TryMarker marker, TryNews news) {
        this.attempts = attempts;
        this.marker = marker;
        this.news = news;
    }

    /** @param correctedAt when results that change are said to be corrected; absent where that is taken back */
    void all(long taskId, @Nullable Instant correctedAt) {
        for (Attempt attempt : attempts.findByTaskIdInOrderById(List.of(taskId))) {
            if (attempt.handedInAt != null) {
                Double before = attempt.earned;
                Double beforePossible = attempt.possible;
                marker.mark(attempt);
                boolean differs =
                        !Objects.equals(before, attempt.earned) || !Objects.equals(beforePossible, attempt.possible);
                if (differs) {
                    attempt.correctedAt = correctedAt;
                    news.tellAll(attempt);
                }
            }
        }
    }
}
