package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import tools.jackson.databind.JsonNode;

/** What journeys of the plan have in common: a class of their own, tasks in it, and how the week is handled. */
abstract class PlanJourney {
    final RunningZafu zafu = RunningZafu.demo();
    OwnClass own;
    Window teacher;

    void begin(String name, int students) {
        own = new OwnClass(zafu, name, students);
        teacher = own.window();
    }

    @AfterEach
    void close() {
        teacher.close();
    }

    long draft(String name, Map<String, Object> more) {
        Map<String, Object> wanted = new LinkedHashMap<>(Map.of("name", name));
        wanted.putAll(more);
        return own.teacher
                .post("/api/classes/" + own.id + "/tasks", wanted)
                .ok()
                .get("id")
                .asLong();
    }

    /** A task that students can do: what to do is written in it. */
    long task(String name, Map<String, Object> more) {
        long id = draft(name, more);
        teacher.go("/classes/" + own.id + "/plan/" + id);
        teacher.button("what to do of Base").click();
        teacher.field("what to do").fill("Draw the tide.");
        teacher.button("Save").click();
        assertThat(teacher.button("what to do of Base")).hasText("Draw the tide.");
        return id;
    }

    List<JsonNode> groups(long arrangement) {
        List<JsonNode> groups = new ArrayList<>();
        own.teacher.get("/api/arrangements/" + arrangement).ok().get("groups").forEach(groups::add);
        return groups;
    }

    Locator row(String name) {
        return teacher.region(name);
    }

    Locator menuItem(String name) {
        return teacher.page().getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name));
    }

    Locator named(Locator within, String name) {
        return within.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(name))
                .first();
    }

    void drag(Locator what, Locator to) {
        teacher.drag(what, to);
    }
}
