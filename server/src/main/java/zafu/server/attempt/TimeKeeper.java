package zafu.server.attempt;

import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import zafu.server.roster.Roster;

/** Every second hands in the tries whose time is over, whether or not the student's browser is still there. */
@Component
class TimeKeeper {
    private static final Logger LOG = LoggerFactory.getLogger(TimeKeeper.class);
    private final AttemptRepository attempts;
    private final TryMarker marker;
    private final TimeKeeperNews news;
    private final Clock clock;

    TimeKeeper(AttemptRepository attempts, TryMarker marker, TimeKeeperNews news, Clock clock) {
        this.attempts = attempts;
        this.marker = marker;
        this.news = news;
        this.clock = clock;
    }

    @Scheduled(fixedDelay = 1000, initialDelay = 2000)
    void handInWhatIsOver() {
        for (long id : attempts.idsOfOver(clock.instant())) {
            try {
                news.tell(marker.handInOverdue(id));
            } catch (RuntimeException failed) {
                // One try that cannot be marked must not keep the others from being handed in.
                LOG.error("try {} could not be handed in at the end of its time", id, failed);
            }
        }
    }

    /** Tells teachers in a transaction of its own, after the try is safely handed in. */
    @Component
    static class TimeKeeperNews {
        private final Roster roster;
        private final ApplicationEventPublisher events;

        TimeKeeperNews(Roster roster, ApplicationEventPublisher events) {
            this.roster = roster;
            this.events = events;
        }

        void tell(Attempt handedIn) {
            roster.classesOf(handedIn.studentId)
                    .forEach(classId ->
                            events.publishEvent(new TryChanged(classId, handedIn.taskId, handedIn.studentId)));
        }
    }
}
