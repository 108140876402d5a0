package zafu.server.platform;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Pages that listen, by whom or what they listen to, at this server and at the others on its database. They are told
 * that something changed, not what: the page asks again, and is answered by the same checks as ever.
 */
public final class OpenStreams {
    private static final long HALF_AN_HOUR = 30 * 60 * 1000L;
    /** Longer than two heartbeats, of which one may be late. */
    private static final long HERE_FOR_NANOS = Duration.ofSeconds(45).toNanos();

    private static final int IDS_AT_ONCE = 300;

    private final String topic;
    private final OtherServers others;
    private final Map<Long, List<SseEmitter>> listeners = new ConcurrentHashMap<>();
    /** Until when, by the nanoseconds of this machine, somebody counts as listening at another server. */
    private final Map<Long, Long> elsewhere = new ConcurrentHashMap<>();

    /** @param topic under which servers tell each other of these pages; a word, no other streams have it */
    public OpenStreams(String topic, OtherServers others) {
        this.topic = topic;
        this.others = others;
        others.hear(topic, this::heard);
    }

    public SseEmitter listen(long to) {
        SseEmitter emitter = new SseEmitter(HALF_AN_HOUR);
        List<SseEmitter> all = listeners.computeIfAbsent(to, id -> new CopyOnWriteArrayList<>());
        all.add(emitter);
        emitter.onCompletion(() -> remove(to, all, emitter));
        emitter.onTimeout(emitter::complete);
        send(to, emitter, all, SseEmitter.event().comment("listening"));
        others.tell(topic, "here " + to);
        return emitter;
    }

    /** Whether a page listens now, as far as is known: one that went away silently is found out at the next heartbeat. */
    public boolean isListening(long to) {
        return !listeners.getOrDefault(to, List.of()).isEmpty()
                || elsewhere.getOrDefault(to, Long.MIN_VALUE) > System.nanoTime();
    }

    public void tell(long to, String what) {
        tellHere(to, what);
        others.tell(topic, "tell " + to + " " + what);
    }

    /** Finds out who has gone away without saying so, and says who is still here. */
    public void heartbeat() {
        listeners.forEach((to, all) ->
                all.forEach(emitter -> send(to, emitter, all, SseEmitter.event().comment("still here"))));
        elsewhere.values().removeIf(until -> until < System.nanoTime());
        List<Long> here = new ArrayList<>(listeners.keySet());
        here.removeIf(to -> listeners.getOrDefault(to, List.of()).isEmpty());
        for (int from = 0; from < here.size(); from += IDS_AT_ONCE) {
            others.tell(
                    topic,
                    here.subList(from, Math.min(here.size(), from + IDS_AT_ONCE)).stream()
                            .map(String::valueOf)
                            .collect(Collectors.joining(",", "here ", "")));
        }
    }

    private void heard(String words) {
        String[] parts = words.split(" ", 3);
        switch (parts[0]) {
            case "tell" -> {
                // Before the pages come and ask.
                Remembered.changedElsewhere();
                tellHere(Long.parseLong(parts[1]), parts[2]);
            }
            case "here" ->
                Stream.of(parts[1].split(","))
                        .forEach(id -> elsewhere.put(Long.valueOf(id), System.nanoTime() + HERE_FOR_NANOS));
            case "gone" -> elsewhere.remove(Long.valueOf(parts[1]));
            case OtherServers.MISSED -> {
                Remembered.changedElsewhere();
                listeners.keySet().forEach(to -> tellHere(to, OtherServers.MISSED));
            }
            default -> throw new IllegalArgumentException("no server says \"" + words + "\"");
        }
    }

    private void tellHere(long to, String what) {
        List<SseEmitter> all = listeners.getOrDefault(to, List.of());
        all.forEach(emitter ->
                send(to, emitter, all, SseEmitter.event().name("changed").data(what)));
    }

    private void send(long to, SseEmitter emitter, List<SseEmitter> all, SseEmitter.SseEventBuilder event) {
        try {
            emitter.send(event);
        } catch (IOException | IllegalStateException gone) {
            remove(to, all, emitter);
        }
    }

    private void remove(long to, List<SseEmitter> all, SseEmitter emitter) {
        if (all.remove(emitter) && all.isEmpty()) {
            others.tell(topic, "gone " + to);
        }
    }
}
