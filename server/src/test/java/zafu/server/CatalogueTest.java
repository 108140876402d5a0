package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** The library in memory keeps up with the library in the database. */
class CatalogueTest extends ServerTest {
    private static long add(HttpCaller teacher, String title) {
        return teacher.post("/api/library/items", Map.of("kind", "TALK", "title", title, "body", "Words."))
                .ok()
                .get("id")
                .asLong();
    }

    private static int total(HttpCaller teacher, long classId, String words) {
        return teacher.get("/api/classes/" + classId + "/library?words=" + words)
                .ok()
                .get("total")
                .asInt();
    }

    @Test
    void whatWasJustKeptIsFoundAtOnceByItsNewWordsAndNotByItsOld() {
        TestClass own = newClass("catalogue", 1);
        long item = add(own.teacher, "Guillemot");
        assertThat(total(own.teacher, own.id, "guillemot")).isEqualTo(1);
        JsonNode now = own.teacher.get("/api/library/items/" + item).ok();
        own.teacher
                .put(
                        "/api/library/items/" + item,
                        Map.of(
                                "kind",
                                "TALK",
                                "title",
                                "Razorbill",
                                "body",
                                "Words.",
                                "version",
                                now.get("version").asLong()))
                .ok();
        assertThat(total(own.teacher, own.id, "guillemot")).isZero();
        assertThat(total(own.teacher, own.id, "razorbill")).isEqualTo(1);
    }

    @Test
    void aChangeOfQuestionsAloneIsFoundToo() {
        TestClass own = newClass("catalogue questions", 1);
        Map<String, Object> first =
                Map.of("kind", "NUMERIC", "prompt", "How many puffins?", "points", 1, "body", Map.of("value", 6));
        Map<String, Object> second =
                Map.of("kind", "NUMERIC", "prompt", "How many shearwaters?", "points", 1, "body", Map.of("value", 6));
        Map<String, Object> quiz = Map.of("kind", "QUIZ", "title", "Count", "questions", List.of(first));
        JsonNode made = own.teacher.post("/api/library/items", quiz).ok();
        assertThat(total(own.teacher, own.id, "puffins")).isEqualTo(1);
        own.teacher
                .put(
                        "/api/library/items/" + made.get("id").asLong(),
                        Map.of(
                                "kind",
                                "QUIZ",
                                "title",
                                "Count",
                                "questions",
                                List.of(second),
                                "version",
                                made.get("version").asLong()))
                .ok();
        assertThat(total(own.teacher, own.id, "shearwaters")).isEqualTo(1);
        assertThat(total(own.teacher, own.id, "puffins")).isZero();
    }

    @Test
    void itIsSearchedWhileItIsWrittenAndNothingIsMissingAfterwards() throws Exception {
        TestClass own = newClass("catalogue at once", 1);
        AtomicBoolean writing = new AtomicBoolean(true);
        ExecutorService threads = Executors.newFixedThreadPool(6);
        try {
            List<Future<Integer>> writers = new ArrayList<>();
            for (int writer = 0; writer < 4; writer++) {
                int number = writer;
                writers.add(threads.submit(() -> {
                    HttpCaller teacher = teacher();
                    for (int i = 0; i < 10; i++) {
                        add(teacher, "Kittiwake " + number + "x" + i);
                    }
                    return 10;
                }));
            }
            Future<Boolean> reader = threads.submit(() -> {
                HttpCaller teacher = teacher();
                int before = 0;
                while (writing.get()) {
                    int now = total(teacher, own.id, "kittiwake");
                    if (now < before) {
                        return false;
                    }
                    before = now;
                }
                return true;
            });
            for (Future<Integer> each : writers) {
                each.get();
            }
            writing.set(false);
            assertThat(reader.get()).as("what was found once stays found").isTrue();
            assertThat(total(own.teacher, own.id, "kittiwake")).isEqualTo(40);
        } finally {
            threads.shutdownNow();
        }
    }
}
