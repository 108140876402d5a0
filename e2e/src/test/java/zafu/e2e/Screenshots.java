package zafu.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Path;

/** Takes the pictures of docs/screenshots from the demo, its clock standing. Started by ./zafu screenshots. */
final class Screenshots {
    private final RunningZafu zafu = RunningZafu.demo();
    private final Path folder;

    private Screenshots(Path folder) {
        this.folder = folder;
    }

    public static void main(String[] arguments) {
        int exit = 1;
        try {
            Screenshots screenshots = new Screenshots(Path.of(arguments[0]));
            screenshots.ofTeacher();
            screenshots.ofStudent();
            exit = 0;
        } catch (RuntimeException failed) {
            failed.printStackTrace();
        }
        // The application's and the browser's threads would keep this one alive.
        System.exit(exit);
    }

    private void ofTeacher() {
        try (Window window = Window.at(zafu).signInTeacher("ottoline", "salt-marsh-5")) {
            window.text("Tideline reading scale").waitFor();
            window.picture(folder.resolve("students.png"));
            window.button("Umi Ilves").click();
            window.button("Show the detail").click();
            window.text("extended time").first().waitFor();
            window.button("Show the detail")
                    .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
            window.page().locator("aside").evaluate("panel => panel.scrollTop = 260");
            window.picture(folder.resolve("student.png"));
            window.go("/classes/1/scores");
            window.field("Day").fill("2027-02-02");
            window.field("Words per minute of Bodhi Marrow").fill("251");
            window.page().keyboard().press("Enter");
            window.text("1 cell not kept").waitFor();
            window.picture(folder.resolve("scores.png"));
            window.go("/school/lists");
            window.button("Ask now").click();
            window.text("student changed").first().waitFor();
            window.picture(folder.resolve("school-lists.png"));
            window.go("/classes/1/students");
            window.text("Tideline reading scale").waitFor();
            window.link("Bring in…").click();
            window.page().getByLabel("Choose a file…").setInputFiles(Path.of("e2e/src/test/resources/6-osprey.csv"));
            window.text("1 row with a problem").waitFor();
            window.picture(folder.resolve("bring-in.png"));
            window.link("Arrange").click();
            window.link("Salt-marsh reading").click();
            window.region("Score line").waitFor();
            window.picture(folder.resolve("bench.png"));
            window.link("Plan").click();
            window.link("The marsh drinks twice").click();
            window.region("Who gets what").waitFor();
            window.picture(folder.resolve("task.png"));
            window.link("‹ tasks").click();
            window.link("Why the marsh floods twice a day").click();
            window.region("Who gets what").waitFor();
            window.picture(folder.resolve("coverage.png"));
            window.link("Progress").click();
            window.text("median").first().waitFor();
            window.picture(folder.resolve("progress.png"));
            library(window);
            mixed(window);
            newScores(window);
        }
    }

    private void library(Window window) {
        window.go("/classes/1/library");
        window.region("Groups").getByText("Reef").click();
        window.button("Check the links now").click();
        window.text("do not open.").waitFor();
        window.button("what suits them").click();
        window.page().getByRole(AriaRole.SEARCHBOX).fill("cause");
        window.region("Preview").getByText("Build the chain.").first().waitFor();
        window.page().locator(".MuiSnackbar-root").waitFor(Window.GONE);
        window.picture(folder.resolve("library.png"));
        window.page().getByRole(AriaRole.SEARCHBOX).fill("heron waits");
        window.region("Preview").getByText("A grey heron stands").first().waitFor();
        window.field("large text").check();
        window.field("fewer choices").check();
        window.picture(folder.resolve("preview.png"));
        window.go("/classes/1/library/skills");
        window.region("Map of skills").waitFor();
        window.region("Groups").getByText("Reef").click();
        window.text("Where Reef stands").waitFor();
        window.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Words from context, held by"))
                .click();
        window.region("Words from context").waitFor();
        window.picture(folder.resolve("skill-map.png"));
        window.go("/classes/1/library?words=mud,%20crab");
        window.button("More: Mud, crab, heron").click();
        window.page()
                .getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Change it"))
                .click();
        window.field("Question 1").waitFor();
        window.picture(folder.resolve("question-editor.png"));
    }

    private void mixed(Window window) {
        window.go("/classes/1/arrange/2");
        window.button("Start again from…").click();
        choose(window, "How", "mixed, each like the class");
        choose(window, "Measures to go by", "Tideline reading scale", "Ratio and scale");
        window.page().keyboard().press("Escape");
        window.button("Why so?").click();
        window.text("The next best place").waitFor();
        window.picture(folder.resolve("mixed.png"));
        window.button("Cancel").click();
    }

    private void newScores(Window window) {
        window.go("/classes/1/scores");
        window.field("Day").fill("2027-02-09");
        type(window, "Kofi Asterly", "900");
        type(window, "Odin Vale", "598");
        type(window, "Soren Dray", "700");
        window.go("/classes/1/today");
        window.button("Move Kofi").waitFor();
        window.picture(folder.resolve("today.png"));
        window.go("/classes/1/arrange/1");
        window.region("New scores say").waitFor();
        window.picture(folder.resolve("regroup.png"));
        window.button("Move all 3").click();
        window.button("Do it").click();
        window.text("3 students moved").waitFor();
        window.go("/classes/1/arrange/1/lists");
        window.region("Group 1").waitFor();
        window.picture(folder.resolve("wall-list.png"));
    }

    private static void choose(Window window, String label, String... options) {
        window.page()
                .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label))
                .click();
        for (String option : options) {
            window.page()
                    .getByRole(
                            AriaRole.OPTION,
                            new Page.GetByRoleOptions().setName(option).setExact(true))
                    .click();
        }
    }

    private static void type(Window window, String student, String score) {
        Locator cell = window.field("Tideline reading scale of " + student);
        cell.fill(score);
        window.page()
                .waitForResponse(
                        answer -> answer.url().contains("/score-sheet")
                                && answer.request().method().equals("PUT"),
                        () -> cell.press("Enter"));
    }

    private void ofStudent() {
        try (Window window = Window.onPhoneAt(zafu).signInStudent(zafu.codeOf("Umi"))) {
            window.picture(folder.resolve("my-work.png"));
        }
        try (Window window = Window.at(zafu).signInStudent(zafu.codeOf("Umi"))) {
            window.page()
                    .getByRole(AriaRole.BUTTON)
                    .filter(new Locator.FilterOptions().setHasText("Start"))
                    .first()
                    .click();
            window.page().getByRole(AriaRole.RADIO).first().check();
            window.text("✓ kept").waitFor();
            window.picture(folder.resolve("try.png"));
        }
    }
}
