package zafu.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What students see side by side says nothing of groups, versions, needs or one another. */
class DiscretionPagesTest {
    private static final String TITLE = "Why the marsh floods";
    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "Side by side " + System.nanoTime(), 2);

    /** Two versions that differ in material and minutes, for two students of whom one needs more time. */
    private void handOutInTwoVersions() {
        List<Long> students = new ArrayList<>();
        own.teacher
                .get("/api/classes/" + own.id + "/students")
                .ok()
                .forEach(each -> students.add(each.get("id").asLong()));
        own.grant(2, "EXTENDED_TIME", 2);
        long task = own.handOut(
                TITLE,
                List.of(
                        OwnClass.choice("Long question about the tide?", "Moon", "Wind"),
                        OwnClass.choice("Short?", "Moon", "Wind")),
                Map.of());
        JsonNode now = own.teacher.get("/api/tasks/" + task).ok();
        JsonNode base = now.get("versions").get(0);
        List<Long> questions = new ArrayList<>();
        base.get("questions").forEach(each -> questions.add(each.asLong()));
        List<Map<String, Object>> versions = new ArrayList<>();
        versions.add(version(base.get("id").asLong(), "Base", questions.subList(0, 1), students.get(0)));
        versions.add(version(null, "Slower readers", questions.subList(1, 2), students.get(1)));
        own.teacher
                .put(
                        "/api/tasks/" + task,
                        Map.of(
                                "version",
                                now.get("version").asLong(),
                                "name",
                                "Floods, two ways",
                                "versions",
                                versions))
                .ok();
    }

    private static Map<String, Object> version(Long id, String staffName, List<Long> questions, long student) {
        Map<String, Object> version = new LinkedHashMap<>();
        version.put("id", id);
        version.put("staffName", staffName);
        version.put("overrides", id == null ? List.of("QUESTIONS") : List.of());
        version.putAll(Map.of("title", TITLE, "texts", List.of(), "questions", questions, "minutes", 20));
        version.putAll(Map.of("includesAccommodations", false, "tries", 1));
        version.put(
                "targets",
                Map.of("everyone", false, "groups", List.of(), "students", List.of(student), "except", List.of()));
        return version;
    }

    /** My work, what is said before the start, and the try of a student, as they are marked up. */
    private List<String> pagesOf(int number) {
        List<String> pages = new ArrayList<>();
        try (Window student = Window.at(zafu).signInStudent(own.codeOf(number))) {
            student.button("Start: " + TITLE).waitFor();
            // What is seldom wanted comes last.
            student.button("My work in a calendar").waitFor();
            pages.add(student.page().locator("main").innerHTML());
            student.button("Start: " + TITLE).click();
            student.button("Start now").waitFor();
            pages.add(student.page().getByRole(AriaRole.DIALOG).innerHTML());
            student.button("Start now").click();
            student.page().getByRole(AriaRole.TIMER).waitFor();
            pages.add(student.page().locator("#root").innerHTML());
        }
        return pages;
    }

    /** Without the student's own name, material, minutes, and ids. */
    private static String general(String page, String name) {
        return page.replace(name, "NAME")
                .replace("Long question about the tide?", "QUESTION")
                .replace("Short?", "QUESTION")
                .replaceAll("\\d+", "N");
    }

    @Test
    void thePagesOfTwoVersionsDifferInNothingButTheirOwnMaterialTimeAndDates() {
        handOutInTwoVersions();
        List<String> first = pagesOf(1);
        List<String> second = pagesOf(2);
        for (int i = 0; i < first.size(); i++) {
            assertThat(general(second.get(i), "S2")).isEqualTo(general(first.get(i), "S1"));
        }
        assertThat(String.join(" ", second)).contains("40 minutes").contains("Short?");
        List<String> all = new ArrayList<>(first);
        all.addAll(second);
        assertThat(all).allSatisfy(page -> assertThat(page)
                .doesNotContainIgnoringCase("slower")
                .doesNotContainIgnoringCase("two ways")
                .doesNotContainIgnoringCase("extended")
                .doesNotContainIgnoringCase("version")
                .doesNotContainIgnoringCase("group "));
    }
}
