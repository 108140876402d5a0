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
import org.jspecify.annotations.Nullable;
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
    /** What one person may have open at once: a few tabs and devices. */
    private static final int MOST_OF_ONE = 4;

    private final String topic;
    private final OtherServers others;
    private final Map<Long, List<SseEmitter>> listeners = new ConcurrentHashMap<>();
    private final Map<String, List<SseEmitter>> ofOne = new ConcurrentHashMap<>();
    /** Until when, by the nanoseconds of this machine, somebody counts as listening at another server. */
    private final Map<Long, Long> elsewhere = new ConcurrentHashMap<>();

    /** @param topic under which servers tell each other of these pages; a word, no other streams have it */
    public OpenStreams(String topic, OtherServers others) {
        this.topic = topic;
        this.others = others;
        others.hear(topic, this::heard);
    }

    /**
     * Opens one. Of a person who has as many open as one may have, the oldest is told "enough", and ends.
     *
     * @param by who listens, and on what device
     */
    public SseEmitter listen(long to, String by) {
        SseEmitter emitter = new SseEmitter(HALF_AN_HOUR);
        endOldestOf(by, emitter);
        List<SseEmitter> all = listeners.computeIfAbsent(to, id -> new CopyOnWriteArrayList<>());
        all.add(emitter);
        emitter.onCompletion(() -> {
            remove(to, all, emitter);
            ofOne.computeIfPresent(by, (one, open) -> without(open, emitter));
        });
        emitter.onTimeout(emitter::complete);
        send(to, emitter, all, SseEmitter.event().comment("listening"));
        others.tell(topic, "here " + to);
        return emitter;
    }

    private void endOldestOf(String by, SseEmitter newest) {
        List<SseEmitter> over = new ArrayList<>();
        ofOne.compute(by, (one, open) -> {
            List<SseEmitter> now = new ArrayList<>(open == null ? List.of() : open);
            now.add(newest);
            while (now.size() > MOST_OF_ONE) {
                over.add(now.remove(0));
            }
            return now;
        });
        over.forEach(OpenStreams::enough);
    }

    /** Its page does not come again by itself: it would push out the next oldest. */
    private static void enough(SseEmitter emitter) {
        try {
            emitter.send(SseEmitter.event().name("enough").data(""));
            emitter.complete();
        } catch (IOException | IllegalStateException gone) {
            // It went away without a word; whoever opens a page must not pay for that.
        }
    }

    private static @Nullable List<SseEmitter> without(List<SseEmitter> open, SseEmitter gone) {
        List<SseEmitter> left = new ArrayList<>(open);
        left.remove(gone);
        return left.isEmpty() ? null : left;
    }

    /** Ends all: pages that only listen do not hold up a server that stops. They come again when one answers. */
    public void end() {
        listeners.values().forEach(all -> all.forEach(OpenStreams::letGo));
    }

    private static void letGo(SseEmitter emitter) {
        try {
            emitter.complete();
        } catch (IllegalStateException gone) {
            // It went away by itself.
        }
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
