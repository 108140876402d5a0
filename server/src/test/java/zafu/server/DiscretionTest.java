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
            "Base",
            "EXTENDED_TIME",
            "UNTIMED",
            "LARGE_TEXT",
            "READ_ALOUD",
            "FEWER_",
            "accommodation",
            "Extended time");
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

    /** Two who have different versions and different needs are sent the same things in the same places. */
    @Test
    void whatIsSentToTwoWithDifferentVersionsDiffersInNothingButItsValues() {
        TestClass own = newClass("same shape", 2);
        own.grant(2, "EXTENDED_TIME", "1.5").ok();
        own.grant(2, "EXTRA_DAYS", "2").ok();
        TestTask task = TestTask.draft(own, TestClass.targets(false, List.of(), List.of(own.student(1)), List.of()));
        task.change(TestTask.version(
                        "Slower ones", TestClass.targets(false, List.of(), List.of(own.student(2)), List.of())))
                .ok();
        own.handOut(task.id, true).ok();
        assertThat(shape(own.signedIn(2).get("/api/my/work").ok()))
                .isEqualTo(shape(own.signedIn(1).get("/api/my/work").ok()));
        JsonNode first = task.start(1);
        JsonNode second = task.start(2);
        assertThat(shape(second)).isEqualTo(shape(first));
        assertThat(second.get("clock").get("minutes").asInt()).isEqualTo(30);
        assertThat(first.get("clock").get("minutes").asInt()).isEqualTo(20);
    }

    /** Which fields there are, and of what kind. */
    private static String shape(JsonNode node) {
        if (node.isObject()) {
            List<String> fields = new ArrayList<>();
            node.properties().forEach(each -> fields.add(each.getKey() + ":" + shape(each.getValue())));
            return fields.toString();
        }
        if (node.isArray()) {
            List<String> parts = new ArrayList<>();
            node.forEach(each -> parts.add(shape(each)));
            return parts.toString();
        }
        return node.getNodeType().name();
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
        sent.add(own.get("/api/my/corners").text());
        for (JsonNode card : work.ok().get("cards")) {
            boolean onScreen = card.get("way").asString().equals("ON_SCREEN");
            if (onScreen && List.of("NOW", "NEXT").contains(card.get("when").asString()) && !card.has("after")) {
                HttpCaller.Answer page =
                        own.post("/api/my/tasks/" + card.get("taskId").asLong() + "/tries", null);
                sent.add(page.text());
                String path = "/api/my/tries/" + page.ok().get("id").asLong();
                long question = page.ok().get("questions").get(0).get("id").asLong();
                sent.add(own.put(path + "/answers/" + question, Map.of("given", "0"))
                        .text());
                sent.add(
                        own.post(path + "/answers/" + question + "/check", null).text());
                sent.add(own.get(path + "/clock").text());
                sent.add(own.post(path + "/break", Map.of("begin", true)).text());
                sent.add(own.get(path).text());
                sent.add(own.post(path + "/hand-in", null).text());
                sent.add(own.put(path + "/answers/" + question, Map.of("given", "1"))
                        .text());
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
        sent.add(own.get("/api/my/work").text());
        sent.add(own.get("/api/my/ease").text());
        sent.add(own.get("/api/my/device").text());
        sent.add(own.get("/api/my/surveys").text());
        sent.add(own.get("/api/sign-in/device").text());
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
