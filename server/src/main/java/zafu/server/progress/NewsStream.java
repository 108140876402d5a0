package zafu.server.progress;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.GroupsChanged;
import zafu.server.attempt.TryChanged;
import zafu.server.need.NeedsChanged;
import zafu.server.roster.StudentsChanged;
import zafu.server.task.TaskChanged;

/**
 * Tells the open screens of a class that something changed. Only that, not what: the screen asks again, and is
 * answered by the same checks as ever.
 */
@Component
class NewsStream {
    private static final long HALF_AN_HOUR = 30 * 60 * 1000L;
    private final ClassPermission permission;
    private final Map<Long, List<SseEmitter>> listeners = new ConcurrentHashMap<>();

    NewsStream(ClassPermission permission) {
        this.permission = permission;
    }

    SseEmitter listen(long classId) {
        permission.requireSee(classId);
        SseEmitter emitter = new SseEmitter(HALF_AN_HOUR);
        List<SseEmitter> ofClass = listeners.computeIfAbsent(classId, id -> new CopyOnWriteArrayList<>());
        ofClass.add(emitter);
        emitter.onCompletion(() -> ofClass.remove(emitter));
        emitter.onTimeout(emitter::complete);
        send(emitter, ofClass, SseEmitter.event().comment("listening"));
        return emitter;
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(TryChanged change) {
        tell(change.classId(), "progress");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(GroupsChanged change) {
        tell(change.classId(), "groups");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(TaskChanged change) {
        tell(change.classId(), "tasks");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(NeedsChanged change) {
        tell(change.classId(), "students");
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(StudentsChanged change) {
        tell(change.classId(), "students");
    }

    /** Finds out who has gone away without saying so. */
    @Scheduled(fixedDelay = 20_000)
    void heartbeat() {
        listeners
                .values()
                .forEach(ofClass -> ofClass.forEach(
                        emitter -> send(emitter, ofClass, SseEmitter.event().comment("still here"))));
    }

    private void tell(long classId, String what) {
        List<SseEmitter> ofClass = listeners.getOrDefault(classId, List.of());
        ofClass.forEach(emitter ->
                send(emitter, ofClass, SseEmitter.event().name("changed").data(what)));
    }

    private static void send(SseEmitter emitter, List<SseEmitter> ofClass, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException gone) {
            ofClass.remove(emitter);
        }
    }
}
