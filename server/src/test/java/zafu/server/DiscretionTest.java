package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;

/** Students must never learn what a group means: nothing that they are sent tells. */
class DiscretionTest extends ServerTest {
    private static final List<String> STAFF_WORDS = List.of(
            "Sheet Bend",
            "Reef",
            "Clove",
            "Bowline",
            "Ebb",
            "Flow",
            "Salt-marsh reading",
            "Marsh project",
            "Short text",
            "As it is",
            "Two sources",
            "Base");
    private static final List<String> TELLING_FIELDS =
            List.of("version", "group", "arrangement", "need", "factor", "extraDays", "untimed", "covered", "level");

    @Test
    void noResponseToAStudentTells() {
        JsonNode heron = studentsOfHeron();
        for (JsonNode student : heron) {
            List<String> sent = everythingSentTo(student.get("entryCode").asString());
            assertThat(sent).allSatisfy(body -> {
                assertThat(body).doesNotContain(STAFF_WORDS);
                assertThat(fieldNames(body)).doesNotContainAnyElementsOf(TELLING_FIELDS);
                heron.forEach(other -> {
                    if (other != student) {
                        assertThat(body)
                                .doesNotContain("\"" + other.get("givenName").asString());
                        assertThat(body).doesNotContain(other.get("familyName").asString() + "\"");
                    }
                });
            });
        }
    }

    private JsonNode studentsOfHeron() {
        HttpCaller teacher = teacher();
        long heron =
                teacher.get("/api/classes").ok().get("classes").get(0).get("id").asLong();
        return teacher.get("/api/classes/" + heron + "/students").ok();
    }

    /** Follows every way that My work offers, and some that it does not. */
    private List<String> everythingSentTo(String code) {
        HttpCaller own = nobody().signInStudent(code);
        List<String> sent = new ArrayList<>();
        sent.add(own.get("/api/session").text());
        HttpCaller.Answer work = own.get("/api/my/work");
        sent.add(work.text());
        for (JsonNode card : work.ok().get("cards")) {
            boolean onScreen = card.get("way").asString().equals("ON_SCREEN");
            if (onScreen && card.get("when").asString().equals("NOW")) {
                HttpCaller.Answer page =
                        own.post("/api/my/tasks/" + card.get("taskId").asLong() + "/tries", null);
                sent.add(page.text());
                String path = "/api/my/tries/" + page.ok().get("id").asLong();
                long question = page.ok().get("questions").get(0).get("id").asLong();
                sent.add(own.put(path + "/answers/" + question, Map.of("given", "0"))
                        .text());
                sent.add(own.post(path + "/hand-in", null).text());
            } else if (card.has("tryId")) {
                sent.add(own.get("/api/my/tries/" + card.get("tryId").asLong()).text());
            }
        }
        sent.add(own.get("/api/my/calendar.ics").text());
        sent.add(own.post("/api/my/calendar/feeds", null).text());
        HttpCaller.Answer shelf = own.get("/api/my/shelf");
        sent.add(shelf.text());
        for (JsonNode book : shelf.ok().get("books")) {
            sent.add(own.post("/api/my/shelf/" + book.get("itemId").asLong() + "/opened", null)
                    .text());
        }
        sent.add(own.get("/api/my/tries/999999").text());
        sent.add(own.post("/api/my/tasks/999999/tries", null).text());
        sent.add(own.get("/api/classes").text());
        return sent;
    }

    private static List<String> fieldNames(String body) {
        List<String> names = new ArrayList<>();
        java.util.regex.Matcher matcher =
                java.util.regex.Pattern.compile("\"(\\w+)\":").matcher(body);
        while (matcher.find()) {
            names.add(matcher.group(1).replaceAll("(Id|Ids|s)$", ""));
        }
        return names;
    }
}
