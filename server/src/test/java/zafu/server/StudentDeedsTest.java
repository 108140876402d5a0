package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** One thing done with many students at once: for all, or for none. */
class StudentDeedsTest extends ServerTest {
    private static List<Long> changed(HttpCaller.Answer answer) {
        return answer.ok()
                .get("students")
                .valueStream()
                .map(JsonNode::asLong)
                .sorted()
                .toList();
    }

    private static List<String> called(TestClass own, String query) {
        return own.screen(query)
                .get("students")
                .valueStream()
                .map(each -> each.get("givenName").asString())
                .toList();
    }

    @Test
    void aTagGoesToThoseWhoHaveItNotAndIsTakenBackFromThemAlone() {
        TestClass own = newClass("deeds tag", 3);
        own.deed("TAG", "crew", own.student(2)).done();
        List<Long> tagged = changed(own.deed("TAG", " crew ", own.student(1), own.student(2), own.student(3)));
        assertThat(tagged).containsExactly(own.student(1), own.student(3));
        assertThat(called(own, "tag=crew")).containsExactly("S1", "S2", "S3");
        assertThat(changed(own.deed("UNTAG", "crew", own.student(1), own.student(3))))
                .isEqualTo(tagged);
        assertThat(called(own, "tag=crew")).containsExactly("S2");
    }

    @Test
    void archivingManyIsTakenBackForThoseWhoWereThere() {
        TestClass own = newClass("deeds archive", 3);
        own.deed("ARCHIVE", "", own.student(3)).done();
        List<Long> away = changed(own.deed("ARCHIVE", "", own.student(1), own.student(3)));
        assertThat(away).containsExactly(own.student(1));
        assertThat(called(own, "")).containsExactly("S2");
        own.deed("BRING_BACK", "", own.student(1)).done();
        assertThat(called(own, "archived=true")).containsExactly("S3");
    }

    @Test
    void oneWhoIsNotHereKeepsTheDeedFromAll() {
        TestClass own = newClass("deeds all or none", 2);
        assertThat(own.deed("TAG", "crew", own.student(1), 999_999L).status()).isEqualTo(404);
        assertThat(called(own, "tag=crew")).isEmpty();
    }

    @Test
    void aStudentsOnlyClassIsNotTakenAwayAndTheOthersStayToo() {
        TestClass own = newClass("only class", 2);
        TestClass club = newClass("club", 1);
        assertThat(changed(own.deed("ADD_TO_CLASS", club.id, own.student(1), club.student(1))))
                .containsExactly(own.student(1));
        HttpCaller.Answer refused = own.deed("TAKE_OUT", own.id, own.student(1), own.student(2));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.body().get("detail").asString())
                .isEqualTo("This is the only class of S2. Archive instead: nothing is lost by it.");
        assertThat(called(own, "")).containsExactly("S1", "S2");
        own.deed("TAKE_OUT", own.id, own.student(1)).done();
        assertThat(called(own, "")).containsExactly("S2");
        assertThat(called(club, "")).containsExactlyInAnyOrder("S1", "S1");
    }

    @Test
    void whatIsMissingIsNamed() {
        TestClass own = newClass("deeds missing", 1);
        HttpCaller.Answer noTag = own.deed("TAG", " ", own.student(1));
        assertThat(noTag.status()).isEqualTo(422);
        assertThat(noTag.body().get("detail").asString()).isEqualTo("Say which tag.");
        HttpCaller.Answer noClass = own.deed("TAKE_OUT", "", own.student(1));
        assertThat(noClass.body().get("fields").get(0).get("field").asString()).isEqualTo("classId");
        assertThat(own.deed("TAG", "crew").status()).isEqualTo(422);
    }

    @Test
    void supportStaffDoNothingWithMany() {
        HttpCaller wen = nobody().signInAdult("wen", "salt-marsh-5");
        long seen =
                wen.get("/api/students").ok().get("students").get(0).get("id").asLong();
        Map<String, Object> deed = Map.of("kind", "ARCHIVE", "students", List.of(seen));
        assertThat(wen.post("/api/students/deeds", deed).status()).isEqualTo(403);
    }
}
