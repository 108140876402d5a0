package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** The door of a group: with its code and password students come in or wait, adults wait, and nobody else gets by. */
class GroupDoorTest extends ServerTest {

    /** A class with two groups, of which the first has a door; its students are in none of them until they come. */
    private final class WithDoor {
        final TestClass own;
        final long arrangement;
        final long group;
        String code = "";

        WithDoor(String name, int students) {
            own = newClass(name, students);
            arrangement = own.arrange(2);
            group = own.groups(arrangement).get(0);
            IntStream.rangeClosed(1, students).forEach(this::takeOut);
        }

        private void takeOut(int number) {
            own.step(arrangement, Map.of("kind", "PLACE", "students", List.of(own.student(number))));
        }

        JsonNode door() {
            return own.teacher.get("/api/groups/" + group + "/door").ok();
        }

        WithDoor open(boolean atOnce, @Nullable Integer most) {
            code = set(true, atOnce, most).ok().get("code").asString();
            return this;
        }

        HttpCaller.Answer set(boolean opened, boolean atOnce, @Nullable Integer most) {
            Map<String, Object> edit = new LinkedHashMap<>(Map.of(
                    "opened",
                    opened,
                    "atOnce",
                    atOnce,
                    "password",
                    "limpet",
                    "version",
                    door().get("version").asLong()));
            if (most != null) {
                edit.put("most", most);
            }
            return own.teacher.put("/api/groups/" + group + "/door", edit);
        }

        HttpCaller.Answer join(HttpCaller who) {
            return who.post("/api/my/groups/join", Map.of("code", code, "password", "limpet"));
        }

        HttpCaller.Answer decide(String word) {
            long request = door().get("asking").get(0).get("id").asLong();
            return own.teacher.post("/api/groups/" + group + "/door/" + request + "/" + word, null);
        }

        @Nullable
        Long groupOf(long student) {
            return TestClass.groupOf(own.bench(arrangement), student);
        }
    }

    @Test
    void whereTheDoorLetsInAtOnceAStudentInNoGroupIsInAndItCanBeUndone() {
        WithDoor door = new WithDoor("at once", 2).open(true, null);
        HttpCaller.Answer joined = door.join(door.own.signedIn(1));
        assertThat(joined.ok().get("state").asString()).isEqualTo("LET_IN");
        assertThat(door.groupOf(door.own.student(1))).isEqualTo(door.group);
        assertThat(door.own
                        .teacher
                        .get("/api/classes/" + door.own.id + "/history")
                        .text())
                .contains("joined the group with its code");
        assertThat(door.join(door.own.signedIn(1)).status()).isEqualTo(409);
        door.own.step(door.arrangement, Map.of("kind", "UNDO"));
        assertThat(door.groupOf(door.own.student(1))).isNull();
    }

    @Test
    void whoIsInAnotherGroupWaitsAndIsMovedWhenLetIn() {
        WithDoor door = new WithDoor("moves", 2).open(true, null);
        long other = door.own.groups(door.arrangement).get(1);
        door.own.step(
                door.arrangement, Map.of("kind", "PLACE", "students", List.of(door.own.student(2)), "groupId", other));
        assertThat(door.join(door.own.signedIn(2)).ok().get("state").asString()).isEqualTo("WAITING");
        assertThat(door.groupOf(door.own.student(2))).isEqualTo(other);
        // Asking twice is asking once.
        door.join(door.own.signedIn(2)).ok();
        assertThat(door.door().get("asking")).hasSize(1);
        door.decide("let-in").done();
        assertThat(door.groupOf(door.own.student(2))).isEqualTo(door.group);
        assertThat(door.door().get("asking")).isEmpty();
    }

    @Test
    void onApprovalNobodyIsInBeforeTheTeacherSaysSo() {
        WithDoor door = new WithDoor("on approval", 2).open(false, null);
        JsonNode waits = door.join(door.own.signedIn(1)).ok();
        assertThat(waits.get("state").asString()).isEqualTo("WAITING");
        assertThat(door.groupOf(door.own.student(1))).isNull();
        assertThat(door.own
                        .teacher
                        .get("/api/classes/" + door.own.id + "/today")
                        .text())
                .contains("\"askToJoin\":1");
        door.decide("turn-away").done();
        assertThat(door.groupOf(door.own.student(1))).isNull();
    }

    @Test
    void theLastPlaceIsGivenOnce() {
        WithDoor door = new WithDoor("last place", 6).open(true, 2);
        List<HttpCaller> all =
                IntStream.rangeClosed(1, 6).mapToObj(door.own::signedIn).toList();
        List<CompletableFuture<Integer>> comes = all.stream()
                .map(who -> CompletableFuture.supplyAsync(() -> door.join(who).status()))
                .toList();
        assertThat(comes.stream().map(CompletableFuture::join).filter(status -> status == 200))
                .hasSize(2);
        assertThat(door.door().get("members").asInt()).isEqualTo(2);
    }

    @Test
    void aWholeClassThatComesToTwoGroupsAtOnceIsInBoth() {
        WithDoor one = new WithDoor("two doors", 8).open(true, null);
        long otherGroup = one.own.groups(one.arrangement).get(1);
        String otherCode = one.own
                .teacher
                .put(
                        "/api/groups/" + otherGroup + "/door",
                        Map.of("opened", true, "atOnce", true, "password", "limpet", "version", 0))
                .ok()
                .get("code")
                .asString();
        List<HttpCaller> all =
                IntStream.rangeClosed(1, 8).mapToObj(one.own::signedIn).toList();
        List<CompletableFuture<Integer>> comes = IntStream.range(0, 8)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> all.get(i)
                        .post(
                                "/api/my/groups/join",
                                Map.of("code", i % 2 == 0 ? one.code : otherCode, "password", "limpet"))
                        .status()))
                .toList();
        assertThat(comes.stream().map(CompletableFuture::join)).containsOnly(200);
        assertThat(one.own.bench(one.arrangement).get("groups").valueStream().map(each -> each.get("size")
                        .asInt()))
                .containsExactly(4, 4);
    }

    @Test
    void twoTeachersWhoLetInAtOnceDoNotGiveTheLastPlaceTwice() {
        WithDoor door = new WithDoor("last place on approval", 6).open(false, 1);
        IntStream.rangeClosed(1, 6)
                .forEach(number -> door.join(door.own.signedIn(number)).ok());
        List<CompletableFuture<Integer>> decided = TestClass.ids(door.door().get("asking")).stream()
                .map(request -> CompletableFuture.supplyAsync(() -> teacher()
                        .post("/api/groups/" + door.group + "/door/" + request + "/let-in", null)
                        .status()))
                .toList();
        assertThat(decided.stream().map(CompletableFuture::join).filter(status -> status == 200))
                .hasSize(1);
        assertThat(door.door().get("members").asInt()).isEqualTo(1);
        assertThat(door.door().get("asking")).hasSize(5);
    }

    @Test
    void aClosedDoorAWrongPasswordAndAnOldPasswordOpenNothing() {
        WithDoor door = new WithDoor("closed", 2).open(true, null);
        HttpCaller student = door.own.signedIn(1);
        HttpCaller.Answer wrong = student.post("/api/my/groups/join", Map.of("code", door.code, "password", "whelk"));
        HttpCaller.Answer unknown =
                student.post("/api/my/groups/join", Map.of("code", "ZZZZZZZ", "password", "limpet"));
        assertThat(wrong.status()).isEqualTo(401);
        assertThat(unknown.status()).isEqualTo(401);
        assertThat(unknown.body().get("detail")).isEqualTo(wrong.body().get("detail"));
        door.set(false, true, null).ok();
        assertThat(door.join(student).status()).isEqualTo(409);
        assertThat(door.groupOf(door.own.student(1))).isNull();
    }

    @Test
    void aStudentOfAnotherClassComesIntoTheClassTooWhenLetIn() {
        WithDoor club = new WithDoor("kite club", 2).open(true, null);
        TestClass elsewhere = newClass("home of the kites", 1);
        assertThat(club.join(elsewhere.signedIn(1)).ok().get("state").asString())
                .isEqualTo("WAITING");
        JsonNode asking = club.door().get("asking").get(0);
        assertThat(asking.get("from").asString()).isEqualTo("home of the kites");
        club.decide("let-in").done();
        assertThat(club.groupOf(elsewhere.student(1))).isEqualTo(club.group);
        assertThat(club.own.screen("").get("total").asInt()).isEqualTo(3);
    }

    @Test
    void whoHasNoEntryCodeYetAsksWithTheGroupsCodeAndComesIntoBoth() {
        WithDoor door = new WithDoor("newcomers", 2).open(true, null);
        HttpCaller browser = nobody();
        String token = browser.post(
                        "/api/join",
                        Map.of("code", door.code, "password", "limpet", "givenName", "Bryn", "familyName", "Hollowell"))
                .ok()
                .get("token")
                .asString();
        String asked = "/api/classes/" + door.own.id + "/door";
        long request =
                door.own.teacher.get(asked).ok().get("asking").get(0).get("id").asLong();
        door.own.teacher.post(asked + "/" + request + "/let-in", null).done();
        assertThat(door.door().get("members").asInt()).isEqualTo(1);
        assertThat(door.own.screen("").toString()).contains("Hollowell");
        // The door of the class was never open: it is the group's that counts.
        String entryCode = browser.post("/api/join/" + token + "/code", null)
                .ok()
                .get("entryCode")
                .asString();
        nobody().signInStudent(entryCode).get("/api/my/work").ok();
    }

    @Test
    void anAdultWaitsAndThenHelpsInThisGroupAlone() {
        WithDoor door = new WithDoor("helper", 2).open(true, null);
        door.join(door.own.signedIn(1)).ok();
        HttpCaller wen = nobody().signInAdult("wen", "salt-marsh-5");
        wen.post("/api/groups/join", Map.of("code", door.code, "password", "limpet"))
                .done();
        String students = "/api/students?classId=" + door.own.id + "&sort=name";
        assertThat(wen.get(students).status()).isEqualTo(404);
        door.decide("let-in").done();
        assertThat(wen.get(students).ok().get("students")).hasSize(1);
        assertThat(wen.get("/api/groups/" + door.group + "/door").status()).isEqualTo(403);
        assertThat(wen.post("/api/groups/join", Map.of("code", door.code, "password", "limpet"))
                        .status())
                .isEqualTo(409);
    }

    @Test
    void twoTeachersAtTheSameDoorDoNotOverwriteEachOther() {
        WithDoor door = new WithDoor("two at the door", 2).open(false, 3);
        Map<String, Object> stale = Map.of("opened", false, "atOnce", false, "version", 99);
        assertThat(door.own
                        .teacher
                        .put("/api/groups/" + door.group + "/door", stale)
                        .status())
                .isEqualTo(409);
        assertThat(door.door().get("opened").asBoolean()).isTrue();
    }
}
