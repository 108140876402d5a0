package zafu.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** What the packaged application has acknowledged survives its being killed, or told to stop, at any moment. */
class KilledServerTest {
    private static final int ANSWERS = 200;

    @TempDir
    Path data;

    private PackagedServer server;

    @BeforeEach
    void start() throws Exception {
        server = new PackagedServer(data);
        server.start();
    }

    @AfterEach
    void stop() {
        server.kill();
    }

    @Test
    void everyAcknowledgedAnswerIsThereAfterwards() throws Exception {
        String code = server.codeOf("Hana");
        HttpCaller student = server.caller().signInStudent(code);
        JsonNode page = openTry(student);
        Map<Long, String> acknowledged = answerUntilGone(student, page, server::kill);
        assertThat(acknowledged).isNotEmpty();
        assertKept(student, page, acknowledged);
    }

    /** A thread that is interrupted while it writes closes the database under everybody. */
    @Test
    void whoIsToldToStopFinishesWhatIsUnderWayAndEndsInOrder() throws Exception {
        HttpCaller student = server.caller().signInStudent(server.codeOf("Hana"));
        JsonNode page = openTry(student);
        Map<Long, String> acknowledged = answerUntilGone(student, page, server::stop);
        assertThat(acknowledged).isNotEmpty();
        assertThat(server.log()).doesNotContain("ClosedByInterrupt", "MVStoreException", " ERROR ");
        assertKept(student, page, acknowledged);
        assertThat(server.log()).doesNotContain("recover");
    }

    private void assertKept(HttpCaller student, JsonNode page, Map<Long, String> acknowledged) throws Exception {
        server.start();
        // The same session: nobody has to sign in anew.
        JsonNode after = student.get("/api/my/tries/" + page.get("id").asLong()).ok();
        Map<Long, String> kept = new LinkedHashMap<>();
        after.get("questions")
                .forEach(question -> kept.put(
                        question.get("id").asLong(), question.path("given").asString("")));
        // The answer that was on its way when the server died may or may not be there; the one before must be.
        acknowledged.forEach((question, given) -> assertThat(Integer.parseInt(kept.get(question)))
                .as("the answer to question %d", question)
                .isGreaterThanOrEqualTo(Integer.parseInt(given)));
    }

    @Test
    void aPageGoesOnWhenTheServerIsBackAndNothingGivenMeanwhileIsLost() throws Exception {
        String code = server.codeOf("Hana");
        handOutToHana();
        try (Window student = Window.at(server.address()).meaning("net::ERR_").signInStudent(code)) {
            student.button("Start: Many").click();
            student.field("Your answer").fill("11");
            student.page().waitForCondition(() -> given(student).equals("11"));
            server.kill();
            student.field("Your answer").fill("12");
            student.text("No connection · saved on this device").waitFor();
            server.start();
            student.page().waitForCondition(() -> given(student).equals("12"), whileItWarmsUp());
            student.text("✓ Saved").waitFor();
        }
    }

    /** A server that has just begun answers slowly at first. */
    private static Page.WaitForConditionOptions whileItWarmsUp() {
        return new Page.WaitForConditionOptions().setTimeout(60_000);
    }

    /** What the server has of the first answer, asked with the page's own session. */
    private static String given(Window student) {
        String id = student.page().url().replaceAll(".*/tries/", "");
        String ask = "() => fetch('/api/my/tries/" + id
                + "').then(answer => answer.json()).then(page => page.questions[0].given ?? '')";
        return String.valueOf(student.page().evaluate(ask));
    }

    private JsonNode openTry(HttpCaller student) {
        long task = handOutToHana();
        return student.post("/api/my/tasks/" + task + "/tries", null).ok();
    }

    /** A task of 20 questions whose answers are numbers that only grow. */
    private long handOutToHana() {
        HttpCaller teacher = server.caller().signInAdult("ottoline", "salt-marsh-5");
        long heron =
                teacher.get("/api/classes").ok().get("classes").get(0).get("id").asLong();
        List<Map<String, Object>> questions = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            questions.add(Map.of("kind", "NUMERIC", "prompt", "Q" + i, "points", 1, "body", Map.of("value", i)));
        }
        List<Long> ids = new ArrayList<>();
        teacher.post("/api/library/items", Map.of("kind", "QUIZ", "title", "Many", "questions", questions))
                .ok()
                .get("questions")
                .forEach(question -> ids.add(question.get("id").asLong()));
        long task = teacher.post("/api/classes/" + heron + "/tasks", Map.of("name", "Many"))
                .ok()
                .get("id")
                .asLong();
        JsonNode now = teacher.get("/api/tasks/" + task).ok();
        Map<String, Object> base = new LinkedHashMap<>();
        base.put("id", now.get("versions").get(0).get("id").asLong());
        base.put("staffName", "Base");
        base.put("overrides", List.of());
        base.put("title", "Many");
        base.put("texts", List.of());
        base.put("questions", ids);
        base.put("includesAccommodations", false);
        base.put("tries", 1);
        base.put("targets", Map.of("everyone", true, "groups", List.of(), "students", List.of(), "except", List.of()));
        Map<String, Object> edit =
                Map.of("version", now.get("version").asLong(), "name", "Many", "versions", List.of(base));
        long version =
                teacher.put("/api/tasks/" + task, edit).ok().get("version").asLong();
        teacher.post("/api/tasks/" + task + "/hand-out", Map.of("version", version, "confirmNotCovered", false))
                .ok();
        return task;
    }

    /** Gives answers as fast as it can while another thread ends the server after a random number of them. */
    private Map<Long, String> answerUntilGone(HttpCaller student, JsonNode page, Runnable end)
            throws InterruptedException {
        List<Long> questions = new ArrayList<>();
        page.get("questions")
                .forEach(question -> questions.add(question.get("id").asLong()));
        Map<Long, String> acknowledged = new LinkedHashMap<>();
        Thread ending = new Thread(end);
        int endAfter = 40 + new Random().nextInt(ANSWERS - 60);
        for (int i = 1; i <= ANSWERS && server.isAlive(); i++) {
            long question = questions.get(i % questions.size());
            if (i == endAfter) {
                ending.start();
            }
            try {
                String path = "/api/my/tries/" + page.get("id").asLong() + "/answers/" + question;
                if (student.put(path, Map.of("given", String.valueOf(i))).status() == 200) {
                    acknowledged.put(question, String.valueOf(i));
                }
            } catch (UncheckedIOException died) {
                break;
            }
        }
        ending.join();
        return acknowledged;
    }
}
