package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Work that is handed in, or done away from the screen; work that comes first; what holds for a whole group. */
class OtherWaysTest extends ServerTest {
    private TestClass own;

    @BeforeEach
    void aClassOfItsOwn() {
        own = newClass("ways", 3);
    }

    private TestTask out(String way) {
        Map<String, Object> wanted = new LinkedHashMap<>();
        wanted.put("name", "Marsh map");
        wanted.put("everyone", true);
        wanted.put("way", way);
        long id = own.teacher
                .post("/api/classes/" + own.id + "/tasks", wanted)
                .ok()
                .get("id")
                .asLong();
        TestTask task = new TestTask(own, id);
        task.change(base("instructions", "Draw the marsh with its channels.")).ok();
        own.handOut(id, false).ok();
        return task;
    }

    @Test
    void textAndFilesAreHandedInAndReadByTheTeacherAlone() {
        TestTask task = out("HAND_IN");
        JsonNode page = task.start(1);
        assertThat(page.get("instructions").asString()).startsWith("Draw the marsh");
        HttpCaller student = own.signedIn(1);
        String path = "/api/my/tries/" + page.get("id").asLong();
        student.put(path + "/written", Map.of("text", "Five channels.")).ok();
        byte[] map = "a map".getBytes(StandardCharsets.UTF_8);
        JsonNode with = student.uploadFile(path + "/files", map, "map.txt").ok();
        long file = with.get("files").get(0).get("id").asLong();
        student.post(path + "/hand-in", null).ok();
        JsonNode handed = own.teacher
                .get("/api/tries/" + page.get("id").asLong() + "/handed")
                .ok();
        assertThat(handed.get("written").asString()).isEqualTo("Five channels.");
        String address = "/api/tries/" + page.get("id").asLong() + "/files/" + file;
        assertThat(own.teacher.getBytes(address).body()).isEqualTo(map);
        assertThat(own.teacher
                        .getBytes(address)
                        .headers()
                        .firstValue("Content-Disposition")
                        .orElse(""))
                .startsWith("attachment");
        assertThat(own.signedIn(2).get(path + "/files/" + file).status()).isEqualTo(404);
        JsonNode late = student.put(path + "/written", Map.of("text", "late")).ok();
        assertThat(late.get("as").asString()).isEqualTo("HANDED_IN");
        assertThat(task.student(1).get("work").asString()).isEqualTo("HANDED_IN");
    }

    @Test
    void whatCannotBeHandedInSaysWhy() {
        JsonNode page = out("HAND_IN").start(1);
        HttpCaller student = own.signedIn(1);
        String path = "/api/my/tries/" + page.get("id").asLong() + "/files";
        HttpCaller.Answer empty = student.uploadFile(path, new byte[0], "empty.txt");
        assertThat(empty.status()).isEqualTo(422);
        assertThat(empty.text()).contains("is empty");
        HttpCaller.Answer program =
                student.uploadFile(path, "MZ\u0000 a program".getBytes(StandardCharsets.ISO_8859_1), "tide.jpg");
        assertThat(program.status()).isEqualTo(422);
        assertThat(program.text()).contains("cannot be taken");
        long file = student.uploadFile(path, "a map".getBytes(StandardCharsets.UTF_8), "map.txt")
                .ok()
                .get("files")
                .get(0)
                .get("id")
                .asLong();
        JsonNode without = student.call("DELETE", path + "/" + file, null).ok();
        assertThat(without.get("files")).isEmpty();
    }

    @Test
    void theTeacherTicksWhatIsDoneAwayFromTheScreenAndUnticksIt() {
        TestTask task = out("OFF_SCREEN");
        HttpCaller student = own.signedIn(1);
        JsonNode card = student.get("/api/my/work").ok().get("cards").get(0);
        assertThat(card.get("instructions").asString()).startsWith("Draw the marsh");
        assertThat(student.post("/api/my/tasks/" + task.id + "/tries", null).status())
                .isEqualTo(409);
        String path = "/api/tasks/" + task.id + "/ticks";
        own.teacher
                .post(path, Map.of("students", List.of(own.student(1)), "done", true))
                .done();
        assertThat(student.get("/api/my/work")
                        .ok()
                        .get("cards")
                        .get(0)
                        .get("when")
                        .asString())
                .isEqualTo("DONE");
        assertThat(task.student(1).get("work").asString()).isEqualTo("HANDED_IN");
        own.teacher
                .post(path, Map.of("students", List.of(own.student(1)), "done", false))
                .done();
        assertThat(task.student(1).get("work").asString()).isEqualTo("NOT_BEGUN");
    }

    @Test
    void whatIsAnsweredOnTheScreenIsNotTicked() {
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        HttpCaller.Answer refused = own.teacher.post(
                "/api/tasks/" + task.id + "/ticks", Map.of("students", List.of(own.student(1)), "done", true));
        assertThat(refused.status()).isEqualTo(409);
    }

    @Test
    void whatComesFirstHoldsTheOthersBackUntilItIsHandedIn() {
        TestTask first = TestTask.draft(own, TestClass.targets(false, List.of(), List.of(own.student(1)), List.of()));
        first.change(edit -> edit.put("doneFirst", true)).ok();
        own.handOut(first.id, true).ok();
        TestTask other = TestTask.out(own, TestClass.forEveryone());
        HttpCaller held = own.signedIn(1);
        HttpCaller.Answer refused = held.post("/api/my/tasks/" + other.id + "/tries", null);
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("First hand in");
        assertThat(own.signedIn(2)
                        .post("/api/my/tasks/" + other.id + "/tries", null)
                        .status())
                .as("who does not have it is not held back")
                .isEqualTo(200);
        JsonNode page = first.start(1);
        held.post("/api/my/tries/" + page.get("id").asLong() + "/hand-in", null).ok();
        assertThat(held.post("/api/my/tasks/" + other.id + "/tries", null).status())
                .isEqualTo(200);
    }

    @Test
    void whatHoldsForAGroupReachesItsMembersInEveryTask() {
        List<Long> groups = own.groups(own.arrange(2));
        TestTask task = TestTask.out(own, TestClass.forEveryone());
        String path = "/api/groups/" + groups.get(0) + "/settings";
        Map<String, Object> wanted = Map.of(
                "version", 0, "tries", 3, "readAloud", true, "tools", "calculator, ruler", "alongside", "your notes");
        own.teacher.put(path, wanted).ok();
        assertThat(task.terms(1).get("tries").asInt()).isEqualTo(3);
        assertThat(task.terms(3).get("tries").asInt()).isEqualTo(1);
        JsonNode atHand = task.start(1).get("atHand");
        assertThat(atHand.get("readAloud").asBoolean()).isTrue();
        assertThat(atHand.get("tools").valueStream().map(JsonNode::asString)).containsExactly("calculator", "ruler");
        assertThat(atHand.get("alongside").get(0).asString()).isEqualTo("your notes");
        assertThat(task.start(3).get("atHand").get("readAloud").asBoolean()).isFalse();
        assertThat(own.teacher.put(path, wanted).status())
                .as("somebody else was faster")
                .isEqualTo(409);
    }

    @Test
    void aTaskGoesToAnotherClassWithDatesOfItsOwn() {
        TestClass other = newClass("ways too", 2);
        TestTask task = TestTask.draft(own, TestClass.forEveryone());
        task.change(base("due", "2027-02-10T15:00")
                        .andThen(edit -> edit.put(
                                "otherClasses",
                                List.of(Map.of(
                                        "classId", other.id, "sets", List.of("DUE"), "due", "2027-02-12T15:00")))))
                .ok();
        own.handOut(task.id, false).ok();
        assertThat(task.terms(1).get("due").asString()).isEqualTo("2027-02-10T15:00:00");
        JsonNode there = other.signedIn(1).get("/api/my/work").ok().get("cards").get(0);
        assertThat(there.get("due").asString()).isEqualTo("2027-02-12T15:00:00");
        assertThat(task.view().get("students")).hasSize(5);
        assertThat(other.teacher
                        .get("/api/classes/" + other.id + "/progress")
                        .ok()
                        .get("tasks"))
                .hasSize(1);
    }
}
