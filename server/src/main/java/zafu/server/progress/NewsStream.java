package zafu.server.progress;

import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.GroupsChanged;
import zafu.server.attempt.TryChanged;
import zafu.server.corner.CornersChanged;
import zafu.server.need.NeedsChanged;
import zafu.server.platform.OpenStreams;
import zafu.server.platform.OtherServers;
import zafu.server.roster.StudentsChanged;
import zafu.server.task.TaskChanged;

/**
 * Tells the open screens of a class that something changed. Only that, not what: the screen asks again, and is
 * answered by the same checks as ever.
 */
@Component
class NewsStream {
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final OpenStreams streams;

    NewsStream(ClassPermission permission, CurrentPerson current, OtherServers others) {
        this.current = current;
        this.permission = permission;
        this.streams = new OpenStreams("class-news", others);
    }

    SseEmitter listen(long classId, String device) {
        permission.reach(classId);
        return streams.listen(classId, current.adult().adultId() + " " + device);
    }

    @EventListener
    void stopping(ContextClosedEvent closing) {
        streams.end();
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(TryChanged change) {
        streams.tell(change.classId(), "progress");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(GroupsChanged change) {
        streams.tell(change.classId(), "groups");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(TaskChanged change) {
        streams.tell(change.classId(), "tasks");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(NeedsChanged change) {
        streams.tell(change.classId(), "students");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(StudentsChanged change) {
        streams.tell(change.classId(), "students");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(CornersChanged change) {
        streams.tell(change.classId(), "corners");
    }

    @Scheduled(fixedDelay = 20_000)
    void heartbeat() {
        streams.heartbeat();
    }
}
