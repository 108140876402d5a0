package zafu.server.corner;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;
import zafu.server.corner.MeetingRooms.Someone;
import zafu.server.platform.OneServer;
import zafu.server.platform.TwoServers;

/** Who says nothing for a while is gone, and takes an unanswered call along when nobody is left. */
class MeetingRoomsTest {
    private static final long ROOM = 1;

    private static final class Hand extends Clock {
        private Instant now = Instant.parse("2027-02-09T12:00:00Z");

        @Override
        public ZoneId getZone() {
            return ZoneOffset.UTC;
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return this;
        }

        @Override
        public Instant instant() {
            return now;
        }

        void moves(Duration by) {
            now = now.plus(by);
        }
    }

    private final Hand hand = new Hand();
    private final MeetingRooms rooms = new MeetingRooms(hand, new OneServer());

    @Test
    void whoSaysNothingIsGone() {
        rooms.isIn(ROOM, Someone.student(1));
        hand.moves(MeetingRooms.STAYS.dividedBy(2));
        rooms.isIn(ROOM, Someone.student(2));
        hand.moves(MeetingRooms.STAYS.dividedBy(2).plusSeconds(1));
        assertThat(rooms.now(ROOM).people()).containsExactly(Someone.student(2));
        rooms.isIn(ROOM, Someone.student(1));
        assertThat(rooms.now(ROOM).people()).containsExactly(Someone.student(2), Someone.student(1));
    }

    @Test
    void aCallKeepsItsMomentAndGoesWithTheLastOfTheGroup() {
        rooms.isIn(ROOM, Someone.student(1));
        rooms.calls(ROOM, true);
        Instant called = hand.instant();
        hand.moves(Duration.ofSeconds(5));
        rooms.calls(ROOM, true);
        assertThat(rooms.now(ROOM).callsSince()).isEqualTo(called);
        hand.moves(MeetingRooms.STAYS);
        assertThat(rooms.now(ROOM).callsSince()).isNull();
        rooms.isIn(ROOM, Someone.student(1));
        assertThat(rooms.now(ROOM).callsSince()).isNull();
    }

    @Test
    void anAdultWhoIsThereAlreadyDoesNotSilenceANewCall() {
        rooms.isIn(ROOM, Someone.student(1));
        rooms.isIn(ROOM, Someone.adult(7));
        rooms.calls(ROOM, true);
        rooms.isIn(ROOM, Someone.adult(7));
        assertThat(rooms.now(ROOM).callsSince()).isNotNull();
        rooms.isIn(2, Someone.adult(7));
        rooms.isIn(ROOM, Someone.adult(7));
        assertThat(rooms.now(ROOM).callsSince()).isNull();
        assertThat(rooms.now(2).people()).isEmpty();
    }

    @Test
    void twoServersKnowTheSameRooms() {
        TwoServers servers = new TwoServers();
        MeetingRooms here = new MeetingRooms(hand, servers.one());
        MeetingRooms there = new MeetingRooms(hand, servers.two());
        here.isIn(ROOM, Someone.student(1));
        there.isIn(ROOM, Someone.student(2));
        there.calls(ROOM, true);
        assertThat(here.now(ROOM)).isEqualTo(there.now(ROOM));
        assertThat(here.now(ROOM).people()).containsExactly(Someone.student(1), Someone.student(2));
        assertThat(here.now(ROOM).callsSince()).isEqualTo(hand.instant());
        there.isIn(ROOM, Someone.adult(7));
        assertThat(here.now(ROOM).callsSince()).isNull();
        here.leaves(ROOM, Someone.student(2));
        servers.twoMayHaveMissedSomething();
        assertThat(there.now(ROOM).people()).containsExactly(Someone.student(1), Someone.adult(7));
        here.calls(ROOM, true);
        here.calls(ROOM, false);
        assertThat(there.now(ROOM).callsSince()).isNull();
    }
}
