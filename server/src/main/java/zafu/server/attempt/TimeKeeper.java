package zafu.server.attempt;

import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Every second hands in the tries whose time is over, whether or not the student's browser is still there. */
@Component
class TimeKeeper {
    private static final Logger LOG = LoggerFactory.getLogger(TimeKeeper.class);
    private final AttemptRepository attempts;
    private final TryMarker marker;
    private final TryNews news;
    private final Clock clock;

    TimeKeeper(AttemptRepository attempts, TryMarker marker, TryNews news, Clock clock) {
        this.attempts = attempts;
        this.marker = marker;
        this.news = news;
        this.clock = clock;
    }

    @Scheduled(fixedDelay = 1000, initialDelay = 2000)
    void handInWhatIsOver() {
        for (long id : attempts.idsOfOver(clock.instant())) {
            try {
                news.tellTeachers(marker.handInOverdue(id));
            } catch (RuntimeException failed) {
                // One try that cannot be marked must not keep the others from being handed in.
                LOG.error("try {} could not be handed in at the end of its time", id, failed);
            }
        }
    }
}
