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

/**
 * Who is where now, in the meeting pages that ship with Zafu. Kept in memory: whoever is there says so every few seconds,
 * and who says nothing for {@link #STAYS} is gone. After a restart everybody is back with their next word.
 */
@Component
class MeetingRooms {
    static final Duration STAYS = Duration.ofSeconds(20);

    private final Clock clock;
    private final Map<Long, Room> rooms = new HashMap<>();

    MeetingRooms(Clock clock) {
        this.clock = clock;
    }

    /** Somebody in a room; one of the two ids is there. */
    record Someone(@Nullable Long adultId, @Nullable Long studentId) {
        static Someone adult(long id) {
            return new Someone(id, null);
        }

        static Someone student(long id) {
            return new Someone(null, id);
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
    synchronized void isIn(long cornerId, Someone who) {
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

    synchronized void leaves(long cornerId, Someone who) {
        Room room = rooms.get(cornerId);
        if (room != null) {
            room.seen.remove(who);
        }
    }

    /** Calls for an adult, or no longer. */
    synchronized void calls(long cornerId, boolean calling) {
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
