package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;
import zafu.server.standin.SchoolSystemStandIn;

/** The first half of a teacher's week: an empty school, classes, needs, groups, a library. */
abstract class TeachersWeek {
    static final String PASSWORD = "low tide at noon";
    private static final String NAMES = "Amara Bodhi Calla Dmitri Esme Farid Greta Hana Ivo Juniper Kofi Linnea Mateo "
            + "Nadia Odin Priya Quentin Rosalind Soren Tamsin Umi Viggo Wren Xanthe Yusuf Zora";
    private static final int[] SCORES = {
        871, 728, 846, 0, 721, 597, 590, 742, 688, 604, 709, 735, 831, 590, 431, 848, 418, 409, 862, 549, 571, 396, 884,
        0, 566, 702
    };

    @TempDir
    Path folder;

    final RunningZafu zafu = RunningZafu.ofItsOwn();
    final Window teacher = Window.at(zafu);
    final Hand hand = new Hand(teacher);

    @AfterEach
    void close() {
        teacher.close();
        zafu.stop();
    }

    final void setUpSchool() {
        teacher.go("/");
        hand.type("Name of the school", "Tidewater Lower School");
        hand.type("Time zone", "America/Halifax");
        hand.type("first day", "2026-09-01");
        hand.type("last day", "2027-06-25");
        hand.type("Name to sign in with", "maren");
        hand.type("Name that others see", "Maren Tolliver");
        hand.type("Password", PASSWORD);
        hand.click("Create school");
        assertThat(heading("Import")).isVisible();
    }

    final Locator heading(String name) {
        return teacher.page().getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName(name));
    }

    final void bringInClass() {
        String[] names = NAMES.split(" ");
        StringBuilder list = new StringBuilder("Name,Tideline reading scale,Ratio and scale\n");
        for (int i = 0; i < names.length; i++) {
            String score = SCORES[i] == 0 ? "" : String.valueOf(SCORES[i]);
            list.append("%s Harbour,%s,%d %%%n".formatted(names[i], score, Math.max(20, SCORES[i] / 10)));
        }
        hand.file(teacher.page().getByLabel("Choose a file…"), file("5 Curlew.csv", list.toString()));
        assertThat(teacher.page().getByRole(AriaRole.STATUS)).containsText("26 rows, all of them good.");
        assertThat(teacher.field("Name of the class")).hasValue("5 Curlew");
        hand.click("Import 26 rows");
        assertThat(heading("5 Curlew")).isVisible();
        assertThat(row("Amara")).containsText("871");
        assertThat(row("Amara")).not().containsText("871.");
    }

    private Path file(String name, String content) {
        try {
            return Files.writeString(folder.resolve(name), content);
        } catch (IOException noPlace) {
            throw new IllegalStateException(noPlace);
        }
    }

    final Locator row(String student) {
        return teacher.page()
                .getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText(student))
                .first();
    }

    final void askTheSystem() {
        hand.click("Maren Tolliver");
        hand.click(menuItem("School and measures…"));
        hand.click(teacher.link("School lists"));
        hand.type("Address", RunningZafu.demo().schoolSystem().address());
        hand.type("Token", SchoolSystemStandIn.TOKEN);
        Locator system = teacher.region("School information system");
        hand.click(system.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Save")));
        hand.click("Check now");
        Locator apply = teacher.page().getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Apply"));
        hand.click(apply);
        assertThat(teacher.text("changes applied.")).isVisible();
    }

    final Locator menuItem(String name) {
        return teacher.page().getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name));
    }

    final void grantNeeds() {
        hand.click("Choose a class: Classes");
        hand.click(menuItem("5 Curlew · 26"));
        hand.click(teacher.link("Students"));
        for (String each : List.of("Kofi", "Quentin", "Umi")) {
            hand.click(teacher.field("Select " + each));
        }
        hand.click("Add accommodation…");
        hand.click("Save");
        assertThat(row("Umi")).containsText("1.5×");
        hand.key("Escape");
        hand.click(row("Viggo").getByRole(AriaRole.BUTTON).first());
        hand.click("Show details");
        hand.click("Add accommodation…");
        hand.type("times the usual time", "2");
        hand.click("Save");
        assertThat(row("Viggo")).containsText("2×");
    }

    final void typeScores() {
        hand.click(teacher.link("Scores…"));
        for (String each : List.of("Amara", "Bodhi", "Calla")) {
            Locator cell = teacher.field("Words correct per minute of " + each + " Harbour");
            hand.type(cell, "120");
            teacher.page()
                    .waitForResponse(
                            answer -> answer.url().contains("/score-sheet")
                                    && answer.request().method().equals("PUT"),
                            () -> hand.key("Enter"));
        }
    }

    final void begin(String name, String subject) {
        hand.click(teacher.link("Groups"));
        hand.click("New grouping");
        hand.type("Name", name);
        hand.type("Subject", subject);
        hand.click("Create");
        assertThat(teacher.region("Preview")).isVisible();
    }

    final void readingGroups() {
        begin("Salt-marsh reading", "reading");
        hand.click("Use these groups");
        rule("Umi", "Tamsin", "must be together");
        rule("Ivo", "Zora", "must be apart");
        hand.click("Form groups again…");
        assertThat(teacher.region("Preview")).isVisible();
        hand.click("Use these groups");
        assertThat(teacher.region("Rules and preferences")).containsText("Ivo and Zora apart ✓");
        assertThat(teacher.region("Rules and preferences")).containsText("Tamsin and Umi together ✓");
    }

    final void rule(String one, String other, String kind) {
        hand.click(inTray(one));
        hand.addToSelection(inTray(other));
        Locator note = teacher.region("Rules and preferences").getByRole(AriaRole.COMBOBOX);
        hand.choose(note, kind);
        assertThat(teacher.region("Rules and preferences")).containsText(one);
    }

    final Locator inTray(String student) {
        return teacher.page()
                .locator("[data-student]")
                .filter(new Locator.FilterOptions().setHasText(student))
                .first();
    }

    final void interestGroups() {
        hand.click(teacher.link("Students"));
        hand.click("More ▾");
        hand.click(menuItem("Survey…"));
        hand.click("New survey…");
        hand.type("Question", "What would you like to find out?");
        hand.type("Choices, one per line", "birds\ncrabs\nboats\ntides");
        hand.click("Send to the class");
        assertThat(teacher.text("26 waiting")).isVisible();
        everybodyReplies();
        begin("Harbour projects", "science");
        hand.click(combobox("Method"));
        hand.click(option("student choice"));
        hand.click(combobox("Survey question"));
        hand.click(option("What would you like to find out?"));
        assertThat(teacher.text("got their first choice")).isVisible();
        hand.click("Use these groups");
        assertThat(teacher.region("Not placed")).containsText("Everyone is in a group.");
    }

    final void everybodyReplies() {
        int turn = 0;
        for (JsonNode student : students()) {
            HttpCaller own = caller().signInStudent(student.get("entryCode").asString());
            JsonNode survey = own.get("/api/my/surveys").ok().get(0);
            List<Long> options = new ArrayList<>();
            survey.get("options").forEach(each -> options.add(each.get("id").asLong()));
            Collections.rotate(options, turn++);
            own.put("/api/my/surveys/" + survey.get("id").asLong(), Map.of("ranked", options.subList(0, 3)))
                    .done();
        }
    }

    final HttpCaller caller() {
        return new HttpCaller(URI.create(zafu.address()).getPort());
    }

    final Iterable<JsonNode> students() {
        String shown = teacher.page().url().replaceAll(".*/classes/(\\d+)/.*", "$1");
        return caller().signInAdult("maren", PASSWORD)
                .get("/api/classes/" + shown + "/students")
                .ok();
    }

    final Locator combobox(String label) {
        return teacher.page().getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label));
    }

    final Locator option(String name) {
        return teacher.page()
                .getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    final void skillGroups() {
        begin("Ratios", "mathematics");
        hand.click(combobox("Method"));
        hand.click(option("by skill"));
        hand.click(combobox("Skill"));
        hand.click(option("Ratio and scale"));
        hand.click("Use these groups");
    }

    final void fillLibrary() {
        hand.click(teacher.link("Library"));
        hand.click("Import…");
        hand.file(teacher.page().getByLabel("Choose file…"), packageOfQuizzes());
        hand.click(combobox("Skill that all of it practises"));
        hand.click(option("Ratio and scale"));
        hand.click(teacher.page()
                .getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Import")));
        assertThat(teacher.text("imported.")).isVisible();
    }

    private Path packageOfQuizzes() {
        HttpCaller colleague = new HttpCaller(
                        URI.create(RunningZafu.demo().address()).getPort())
                .signInAdult("ottoline", "salt-marsh-5");
        List<String> ids = new ArrayList<>();
        colleague
                .get("/api/classes/1/library?limit=500&kinds=QUIZ")
                .ok()
                .get("hits")
                .forEach(hit -> ids.add(hit.get("id").asString()));
        byte[] zip = colleague
                .getBytes("/api/library/packages?items="
                        + String.join("&items=", ids.subList(0, Math.min(6, ids.size()))))
                .body();
        try {
            return Files.write(folder.resolve("quizzes.zip"), zip);
        } catch (IOException noPlace) {
            throw new IllegalStateException(noPlace);
        }
    }

    final String codeOf(String name) {
        for (JsonNode student : students()) {
            if (student.get("givenName").asString().equals(name)) {
                return student.get("entryCode").asString();
            }
        }
        throw new IllegalStateException("no " + name);
    }
}
