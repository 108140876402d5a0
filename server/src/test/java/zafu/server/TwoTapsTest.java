package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** A button that is tapped twice, a page that is open twice: the same asked many times at once does it once, and fails for nobody. */
class TwoTapsTest extends ServerTest {
    private static final int TAPS = 8;
    private final ExecutorService hands = Executors.newFixedThreadPool(TAPS);

    @AfterEach
    void rest() {
        hands.shutdownNow();
    }

    private List<HttpCaller.Answer> tap(Callable<HttpCaller.Answer> deed) throws Exception {
        List<HttpCaller.Answer> answers = new ArrayList<>();
        for (Future<HttpCaller.Answer> each : hands.invokeAll(Collections.nCopies(TAPS, deed))) {
            answers.add(each.get());
        }
        return answers;
    }

    @Test
    void aTaskThatIsBegunManyTimesAtOnceIsBegunOnce() throws Exception {
        TestClass own = newClass("two taps", 1);
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        HttpCaller student = own.signedIn(1);
        List<HttpCaller.Answer> begun = tap(() -> student.post("/api/my/tasks/" + task.id + "/tries", null));
        assertThat(begun).allSatisfy(each -> assertThat(each.status()).isEqualTo(200));
        assertThat(begun.stream().map(each -> each.body().get("id").asLong()).distinct())
                .hasSize(1);
    }

    @Test
    void whatAStudentDoesManyTimesAtOnceFailsForNobody() throws Exception {
        TestClass own = newClass("many taps", 2);
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        var page = task.start(1);
        String path = "/api/my/tries/" + page.get("id").asLong();
        long question = page.get("questions").get(0).get("id").asLong();
        HttpCaller student = own.signedIn(1);
        OwnCorner corner = new OwnCorner(own, own.groups(own.arrange(1)).get(0));
        List<Callable<HttpCaller.Answer>> deeds = List.of(
                () -> student.put(path + "/answers/" + question, Map.of("given", "1")),
                () -> student.put(path + "/flags", Map.of("questions", List.of(question))),
                () -> student.post("/api/my/corners/" + corner.id + "/read", null),
                () -> student.post("/api/my/talks/" + corner.talk + "/posts", Map.of("text", "Crabs.")),
                () -> student.post("/api/my/calendar/feeds", null),
                () -> student.post(path + "/hand-in", null));
        for (Callable<HttpCaller.Answer> deed : deeds) {
            assertThat(tap(deed)).allSatisfy(each -> assertThat(each.status()).isLessThan(500));
        }
    }

    @Test
    void whatATeacherMakesManyTimesAtOnceFailsForNobody() throws Exception {
        TestClass own = newClass("teacher's taps", 4);
        long arrangement = own.arrange(2);
        long group = own.groups(arrangement).get(0);
        List<Callable<HttpCaller.Answer>> deeds = List.of(
                () -> own.teacher.post("/api/groups/" + group + "/corner", Map.of()),
                () -> own.grant(1, "READ_ALOUD", null),
                () -> own.teacher.put(
                        "/api/classes/" + own.id + "/pair-notes",
                        Map.of("oneId", own.student(1), "otherId", own.student(2), "kind", "WORKS_WELL", "weight", 1)),
                () -> own.teacher.put("/api/narrowings", Map.of("name", "Tapped", "query", "grade=5")),
                () -> own.teacher.put("/api/classes/" + own.id + "/door", Map.of("opened", true, "password", "shell")),
                () -> own.teacher.put(
                        "/api/classes/" + own.id + "/adults/" + own.adult("Idris"), Map.of("role", "VIEWER")));
        for (Callable<HttpCaller.Answer> deed : deeds) {
            assertThat(tap(deed)).allSatisfy(each -> assertThat(each.status()).isLessThan(500));
        }
    }
}
