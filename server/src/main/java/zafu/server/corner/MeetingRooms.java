package zafu.server.corner;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.server.platform.OtherServers;

/**
 * Who is where now, in the meeting pages that ship with Zafu. Kept in memory: whoever is there says so every few seconds,
 * and who says nothing for {@link #STAYS} is gone. After a restart everybody is back with their next word. Each server
 * on a database tells the others what it heard, so that all know the same.
 */
@Component
class MeetingRooms {
    static final Duration STAYS = Duration.ofSeconds(20);
    private static final String TOPIC = "meetings";

    private final Clock clock;
    private final OtherServers others;
    private final Map<Long, Room> rooms = new HashMap<>();

    MeetingRooms(Clock clock, OtherServers others) {
        this.clock = clock;
        this.others = others;
        others.hear(TOPIC, this::heard);
    }

    /** Somebody in a room; one of the two ids is there. */
    record Someone(@Nullable Long adultId, @Nullable Long studentId) {
        static Someone adult(long id) {
            return new Someone(id, null);
        }

        static Someone student(long id) {
            return new Someone(null, id);
        }

        static Someone parse(String kind, String id) {
            return kind.equals("adult") ? adult(Long.parseLong(id)) : student(Long.parseLong(id));
        }

        String words() {
            return adultId != null ? "adult " + adultId : "student " + studentId;
        }
    }

    /**
     * A room at this moment.
     *
     * @param people in the order in which they came
     * @param callsSince since when its students call for an adult; absent while they do not
     */
    record Now(List<Someone> people, @Nullable Instant callsSince) {}

    private static final class Room {
        final Map<Someone, Instant> seen = new LinkedHashMap<>();

        @Nullable
        Instant callsSince;
    }

    /** Somebody is in this room, and so in no other. An adult who comes in has answered the call. */
    void isIn(long cornerId, Someone who) {
        comesIn(cornerId, who);
        others.tell(TOPIC, "in " + cornerId + " " + who.words());
    }

    void leaves(long cornerId, Someone who) {
        goesOut(cornerId, who);
        others.tell(TOPIC, "out " + cornerId + " " + who.words());
    }

    /** Calls for an adult, or no longer. */
    void calls(long cornerId, boolean calling) {
        setCalling(cornerId, calling);
        others.tell(TOPIC, (calling ? "calls " : "silent ") + cornerId);
    }

    private void heard(String words) {
        String[] parts = words.split(" ");
        switch (parts[0]) {
            case "in" -> comesIn(Long.parseLong(parts[1]), Someone.parse(parts[2], parts[3]));
            case "out" -> goesOut(Long.parseLong(parts[1]), Someone.parse(parts[2], parts[3]));
            case "calls" -> setCalling(Long.parseLong(parts[1]), true);
            case "silent" -> setCalling(Long.parseLong(parts[1]), false);
            case OtherServers.MISSED -> {
                // Everybody who is there says so again within seconds.
            }
            default -> throw new IllegalArgumentException("no server says \"" + words + "\"");
        }
    }

    private synchronized void comesIn(long cornerId, Someone who) {
        rooms.forEach((id, room) -> {
            if (id != cornerId) {
                room.seen.remove(who);
            }
        });
        Room room = rooms.computeIfAbsent(cornerId, id -> new Room());
        boolean comes = room.seen.put(who, clock.instant()) == null;
        if (comes && who.adultId() != null) {
            room.callsSince = null;
        }
    }

    private synchronized void goesOut(long cornerId, Someone who) {
        Room room = rooms.get(cornerId);
        if (room != null) {
            room.seen.remove(who);
        }
    }

    private synchronized void setCalling(long cornerId, boolean calling) {
        Room room = rooms.computeIfAbsent(cornerId, id -> new Room());
        if (!calling) {
            room.callsSince = null;
        } else if (room.callsSince == null) {
            room.callsSince = clock.instant();
        }
    }

    synchronized Now now(long cornerId) {
        Room room = rooms.get(cornerId);
        if (room == null) {
            return new Now(List.of(), null);
        }
        Instant gone = clock.instant().minus(STAYS);
        room.seen.values().removeIf(last -> last.isBefore(gone));
        if (room.seen.isEmpty()) {
            rooms.remove(cornerId);
            return new Now(List.of(), null);
        }
        return new Now(new ArrayList<>(room.seen.keySet()), room.callsSince);
    }
}
