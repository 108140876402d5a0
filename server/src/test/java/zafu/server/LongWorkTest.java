package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** Work that takes a while shows how far it is, and ends when it is stopped. */
class LongWorkTest extends ServerTest {
    private static final int ROWS = 4000;

    private static byte[] longList() {
        return IntStream.range(0, ROWS)
                .mapToObj(i -> "Given" + i + " Family,5")
                .collect(Collectors.joining("\n", "Name,Grade\n", "\n"))
                .getBytes(StandardCharsets.UTF_8);
    }

    @Test
    void aListThatIsStoppedOnItsWayLeavesNothing() {
        TestClass own = newClass("stopped list", 1);
        Map<String, Object> wanted = Map.of("classId", own.id, "className", "", "grade", 5, "takenOn", "2027-02-02");
        HttpCaller other = nobody().signInAdult("idris", "salt-marsh-5");
        CompletableFuture<HttpCaller.Answer> taking = CompletableFuture.supplyAsync(
                () -> teacher().withWorkKey("long-list").upload("/api/class-lists", longList(), wanted));
        HttpCaller.Answer shown = own.teacher.get("/api/under-way/long-list");
        while (shown.ok().get("done").asInt() == 0) {
            assertThat(taking).isNotDone();
            shown = own.teacher.get("/api/under-way/long-list");
        }
        assertThat(shown.ok().get("total").asInt()).isEqualTo(ROWS);
        assertThat(other.post("/api/under-way/long-list/stop", null).status()).isEqualTo(404);
        own.teacher.post("/api/under-way/long-list/stop", null).done();
        HttpCaller.Answer ended = taking.join();
        assertThat(ended.status()).isEqualTo(409);
        assertThat(ended.body().get("detail").asString()).isEqualTo("Stopped. Nothing was changed.");
        assertThat(own.screen("").get("total").asInt()).isEqualTo(1);
        assertThat(own.teacher.get("/api/under-way/long-list").ok().get("total").asInt())
                .isZero();
        assertThat(own.teacher.post("/api/under-way/long-list/stop", null).status())
                .isEqualTo(404);
    }
}
