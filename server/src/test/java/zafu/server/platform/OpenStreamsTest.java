package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Pages that are open at one server count at the other, and what changes at one is no longer remembered at the other. */
class OpenStreamsTest {
    private static final long STUDENT = 12;

    private final TwoServers servers = new TwoServers();
    private final OpenStreams here = new OpenStreams("pages", servers.one());
    private final OpenStreams there = new OpenStreams("pages", servers.two());
    private final AtomicInteger reads = new AtomicInteger();
    private final Remembered<String, Integer> remembered = new Remembered<>();

    private int read() {
        return remembered.get("key", key -> reads.incrementAndGet());
    }

    @Test
    void whoListensAtOneIsHereForBoth() {
        assertThat(here.isListening(STUDENT)).isFalse();
        there.listen(STUDENT, "somebody");
        assertThat(there.isListening(STUDENT)).isTrue();
        assertThat(here.isListening(STUDENT)).isTrue();
        assertThat(here.isListening(13)).isFalse();
    }

    @Test
    void streamsOfAnotherTopicDoNotCount() {
        OpenStreams others = new OpenStreams("other pages", servers.one());
        there.listen(STUDENT, "somebody");
        assertThat(others.isListening(STUDENT)).isFalse();
    }

    @Test
    void aHeartbeatSaysAgainWhoIsHere() {
        there.listen(STUDENT, "somebody");
        there.listen(40, "somebody");
        OpenStreams startedLater = new OpenStreams("pages", servers.one());
        assertThat(startedLater.isListening(STUDENT)).isFalse();
        there.heartbeat();
        assertThat(startedLater.isListening(STUDENT)).isTrue();
        assertThat(startedLater.isListening(40)).isTrue();
    }

    @Test
    void manyPagesAreSaidInPortionsThatFitTheLine() {
        for (long id = 1; id <= 1000; id++) {
            there.listen(id, "page " + id);
        }
        OpenStreams startedLater = new OpenStreams("pages", servers.one());
        there.heartbeat();
        for (long id = 1; id <= 1000; id++) {
            assertThat(startedLater.isListening(id)).isTrue();
        }
    }

    @Test
    void whatAnotherServerChangedIsReadAnew() {
        assertThat(read()).isEqualTo(1);
        assertThat(read()).isEqualTo(1);
        there.tell(STUDENT, "mine");
        assertThat(read()).isEqualTo(2);
    }

    @Test
    void afterTheLineWasCutNothingIsRememberedAnyMore() {
        assertThat(read()).isEqualTo(1);
        servers.twoMayHaveMissedSomething();
        assertThat(read()).isEqualTo(2);
    }

    @Test
    void aPageThatIsThereIsToldOnceByWhicheverServer() throws Exception {
        SseEmitter page = here.listen(STUDENT, "somebody");
        there.tell(STUDENT, "mine");
        here.tell(STUDENT, "mine");
        assertThat(page.getTimeout()).isEqualTo(30 * 60 * 1000L);
        page.complete();
        here.heartbeat();
        assertThat(here.isListening(STUDENT)).isFalse();
        assertThat(there.isListening(STUDENT)).isFalse();
    }

    @Test
    void ofManyPagesOfOnePersonTheOldestRests() throws Exception {
        SseEmitter oldest = here.listen(STUDENT, "one device");
        SseEmitter ofAnother = here.listen(STUDENT, "another device");
        for (int i = 0; i < 4; i++) {
            here.listen(STUDENT, "one device");
        }
        assertThatThrownBy(() -> oldest.send("more")).isInstanceOf(IllegalStateException.class);
        ofAnother.send("more");
    }

    @Test
    void aServerThatStopsLetsThemGo() {
        SseEmitter page = here.listen(STUDENT, "somebody");
        here.end();
        assertThatThrownBy(() -> page.send("more")).isInstanceOf(IllegalStateException.class);
    }
}
