package zafu.server;

import static org.assertj.core.api.Assertions.assertThat;
import static zafu.server.TestTask.base;

import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import zafu.server.demo.HttpCaller;

/** Feeds and files are read by another library than the one that writes them. */
class CalendarFeedTest extends ServerTest {
    private TestClass own;
    private List<Long> groups;

    @BeforeEach
    void aClassWithWork() {
        own = newClass("calendar", 4);
        groups = own.groups(own.arrange(2));
        TestTask task = TestTask.draft(own, TestClass.targets(false, List.of(groups.get(0)), List.of(), List.of()));
        // Clocks change on 14 March 2027.
        task.change(base("opens", "2027-03-12T09:00").andThen(base("due", "2027-03-16T15:00")))
                .ok();
        own.handOut(task.id, true).ok();
        Map<String, Object> session = new LinkedHashMap<>();
        session.put("version", 0);
        session.put("begins", "2027-02-10T10:20");
        session.put("minutes", 20);
        session.put("title", "Main idea in one hand");
        session.put("groups", List.of(groups.get(1)));
        own.teacher.post("/api/classes/" + own.id + "/sessions", session).ok();
    }

    private static ICalendar calendar(HttpCaller.Answer answer) {
        assertThat(answer.status()).isEqualTo(200);
        ICalendar calendar = Biweekly.parse(answer.text()).first();
        assertThat(calendar.validate(biweekly.ICalVersion.V2_0).isEmpty())
                .as(calendar.validate(biweekly.ICalVersion.V2_0).toString())
                .isTrue();
        return calendar;
    }

    private static List<String> titles(ICalendar calendar) {
        return calendar.getEvents().stream()
                .map(event -> event.getSummary().getValue())
                .sorted()
                .toList();
    }

    private static Instant begins(ICalendar calendar, String title) {
        VEvent event = calendar.getEvents().stream()
                .filter(each -> each.getSummary().getValue().equals(title))
                .findFirst()
                .orElseThrow();
        return event.getDateStart().getValue().toInstant();
    }

    private String feed(Map<String, Object> wanted) {
        return own.teacher
                .post("/api/calendar/feeds", wanted)
                .ok()
                .get("address")
                .asString();
    }

    @Test
    void aTeachersFeedHasAllOfTheClassOnTheSchoolsClocks() {
        ICalendar all = calendar(nobody().get(feed(Map.of("classId", own.id))));
        assertThat(titles(all))
                .hasSize(3)
                .contains("Opens: Marsh quiz", "Due: Marsh quiz")
                .anyMatch(title -> title.startsWith("Main idea in one hand: "));
        assertThat(begins(all, "Opens: Marsh quiz")).isEqualTo(at("2027-03-12T09:00"));
        assertThat(begins(all, "Due: Marsh quiz"))
                .isEqualTo(at("2027-03-16T15:00"))
                .isEqualTo("2027-03-16T18:00:00Z");
    }

    @Test
    void theFeedOfAGroupHasOnlyWhatIsForIt() {
        assertThat(titles(calendar(nobody().get(feed(Map.of("groupId", groups.get(0)))))))
                .containsExactly("Due: Marsh quiz", "Opens: Marsh quiz");
        assertThat(titles(calendar(nobody().get(feed(Map.of("groupId", groups.get(1)))))))
                .hasSize(1);
    }

    @Test
    void aStudentsFeedHasTheirOwnAndNamesNothingThatTells() {
        HttpCaller student = own.signedIn(1);
        String address =
                student.post("/api/my/calendar/feeds", null).ok().get("address").asString();
        HttpCaller.Answer answer = nobody().get(address);
        assertThat(titles(calendar(answer)))
                .containsExactly("Due: Why the marsh floods", "Opens: Why the marsh floods");
        String sessions = nobody().get(own.signedIn(4)
                        .post("/api/my/calendar/feeds", null)
                        .ok()
                        .get("address")
                        .asString())
                .text();
        assertThat(sessions).contains("At the table").doesNotContain("Main idea");
        own.bench(own.teacher
                        .get("/api/classes/" + own.id + "/arrangements")
                        .ok()
                        .get(0)
                        .get("id")
                        .asLong())
                .get("groups")
                .forEach(group -> assertThat(answer.text() + sessions)
                        .doesNotContain(group.get("name").asString()));
        assertThat(titles(calendar(student.get("/api/my/calendar.ics")))).hasSize(2);
    }

    @Test
    void anAddressThatIsRevokedOrUnknownShowsNothing() {
        var made = own.teacher
                .post("/api/calendar/feeds", Map.of("classId", own.id))
                .ok();
        String address = made.get("address").asString();
        assertThat(address).hasSizeGreaterThan(40);
        own.teacher
                .call("DELETE", "/api/calendar/feeds/" + made.get("id").asLong(), null)
                .done();
        assertThat(nobody().get(address).status()).isEqualTo(404);
        assertThat(nobody().get("/calendar/guessed.ics").status()).isEqualTo(404);
        HttpCaller student = own.signedIn(1);
        String first =
                student.post("/api/my/calendar/feeds", null).ok().get("address").asString();
        student.post("/api/my/calendar/feeds", null).ok();
        assertThat(nobody().get(first).status()).as("another was made").isEqualTo(404);
    }

    @Test
    void theFileOfAClassIsForWhoMaySeeIt() {
        assertThat(titles(calendar(own.teacher.get("/api/classes/" + own.id + "/calendar.ics"))))
                .hasSize(3);
    }
}
