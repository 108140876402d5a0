package zafu.server.attempt;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import zafu.server.roster.Roster;

/** Says that something of a try changed: to the screens of all the student's classes, and to the student's own pages. */
@Component
class TryNews {
    private final Roster roster;
    private final ApplicationEventPublisher events;

    TryNews(Roster roster, ApplicationEventPublisher events) {
        this.roster = roster;
        this.events = events;
    }

    void tellTeachers(Attempt changed) {
        roster.classesOf(changed.studentId)
                .forEach(classId -> events.publishEvent(new TryChanged(classId, changed.taskId, changed.studentId)));
    }

    /** To the student's pages on other devices than the one that gave something; a device that is not named hears it too. */
    void tellOtherDevices(Attempt changed, String device) {
        events.publishEvent(new MineChanged(changed.studentId, device));
    }

    /** For what the student did not do on the page that is open, or not there alone. */
    void tellAll(Attempt changed) {
        tellTeachers(changed);
        events.publishEvent(new MineChanged(changed.studentId));
    }
}
