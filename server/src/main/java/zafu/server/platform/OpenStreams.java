package zafu.server.platform;

import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Pages that listen, by whom or what they listen to. They are told that something changed, not what: the page asks
 * again, and is answered by the same checks as ever.
 */
public final class OpenStreams {
    private static final long HALF_AN_HOUR = 30 * 60 * 1000L;
    private final Map<Long, List<SseEmitter>> listeners = new ConcurrentHashMap<>();

    public SseEmitter listen(long to) {
        SseEmitter emitter = new SseEmitter(HALF_AN_HOUR);
        List<SseEmitter> all = listeners.computeIfAbsent(to, id -> new CopyOnWriteArrayList<>());
        all.add(emitter);
        emitter.onCompletion(() -> all.remove(emitter));
        emitter.onTimeout(emitter::complete);
        send(emitter, all, SseEmitter.event().comment("listening"));
        return emitter;
    }

    /** Whether a page listens now, as far as is known: one that went away silently is found out at the next heartbeat. */
    public boolean isListening(long to) {
        return !listeners.getOrDefault(to, List.of()).isEmpty();
    }

    public void tell(long to, String what) {
        List<SseEmitter> all = listeners.getOrDefault(to, List.of());
        all.forEach(
                emitter -> send(emitter, all, SseEmitter.event().name("changed").data(what)));
    }

    /** Finds out who has gone away without saying so. */
    public void heartbeat() {
        listeners
                .values()
                .forEach(all -> all.forEach(
                        emitter -> send(emitter, all, SseEmitter.event().comment("still here"))));
    }

    private static void send(SseEmitter emitter, List<SseEmitter> all, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException gone) {
            all.remove(emitter);
        }
    }
}
