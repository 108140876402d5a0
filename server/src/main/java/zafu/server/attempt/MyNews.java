package zafu.server.attempt;

import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import zafu.server.platform.OpenStreams;
import zafu.server.platform.OtherServers;
import zafu.server.roster.Roster;
import zafu.server.task.TaskChanged;
import zafu.server.task.WorkTermsChanged;

/** Tells a student's open pages that something of theirs changed: minutes added, work given, a word of the teacher. */
@Component
class MyNews {
    private final OpenStreams streams;
    private final Roster roster;
    private final OutNow out;

    MyNews(Roster roster, OutNow out, OtherServers others) {
        this.streams = new OpenStreams("my-news", others);
        this.roster = roster;
        this.out = out;
    }

    SseEmitter listen(long studentId, String device) {
        return streams.listen(studentId, studentId + " " + device);
    }

    @EventListener
    void stopping(ContextClosedEvent closing) {
        streams.end();
    }

    /** Whether a page of the student's is open and connected. */
    boolean isHere(long studentId) {
        return streams.isListening(studentId);
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(MineChanged change) {
        streams.tell(change.studentId(), change.byDevice().isEmpty() ? "mine" : "mine " + change.byDevice());
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(TaskChanged change) {
        roster.studentsOf(change.classId()).forEach(student -> streams.tell(student.id(), "mine"));
    }

    @TransactionalEventListener(fallbackExecution = true)
    void on(WorkTermsChanged change) {
        out.task(change.taskId()).given().keySet().forEach(student -> streams.tell(student.value(), "mine"));
    }

    @Scheduled(fixedDelay = 20_000)
    void heartbeat() {
        streams.heartbeat();
    }
}
