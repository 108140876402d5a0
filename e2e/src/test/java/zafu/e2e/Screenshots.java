package zafu.e2e;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;

/** Takes the pictures of docs/screenshots from the demo, its clock standing. Started by ./zafu screenshots. */
final class Screenshots {
    private final RunningZafu zafu = RunningZafu.demo();
    private final Path folder;

    private Screenshots(Path folder) {
        this.folder = folder;
    }

    public static void main(String[] arguments) {
        RunningZafu.leaveAfter(() -> {
            Screenshots screenshots = new Screenshots(Path.of(arguments[0]));
            screenshots.ofTeacher();
            screenshots.ofStudent();
        });
    }

    private void ofTeacher() {
        try (Window window = Window.at(zafu).signInTeacher("ottoline", "salt-marsh-5")) {
            window.link("Students").click();
            window.text("Tideline reading scale").first().waitFor();
            window.picture(folder.resolve("students.png"));
            window.go("/classes/1/adults");
            window.text("Wen Castellane").first().waitFor();
            window.picture(folder.resolve("sharing.png"));
            window.go("/classes/1/history");
            window.text("task assigned").first().waitFor();
            window.picture(folder.resolve("history.png"));
            window.go("/classes/1/corners");
            window.text("reported by a student").waitFor();
            window.picture(folder.resolve("corner.png"));
            window.go("/classes/1/students");
            window.link("Students").click();
            window.text("Tideline reading scale").waitFor();
            window.link("Import…").click();
            window.page().getByLabel("Choose a file…").setInputFiles(Path.of("src/test/resources/6-osprey.csv"));
            window.button("every row 27").waitFor();
            window.picture(folder.resolve("bring-in.png"));
            window.link("Groups").click();
            window.link("Salt-marsh reading").click();
            window.region("Score line").waitFor();
            window.picture(folder.resolve("bench.png"));
            plan(window);
            progress(window);
            library(window);
            newScores(window);
        }
    }

    private void progress(Window window) {
        window.link("Progress").click();
        window.text("median").first().waitFor();
        window.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Tamsin, The marsh drinks twice"))
                .click();
        window.text("questions").waitFor();
        window.picture(folder.resolve("progress.png"));
        window.link("The marsh drinks twice: results by question").click();
        window.text("By skill").waitFor();
        window.picture(folder.resolve("results.png"));
        window.go("/classes/1/progress/growth");
        window.text("a week").first().waitFor();
        window.field("Measure").click();
        window.page()
                .getByRole(AriaRole.OPTION, new Page.GetByRoleOptions().setName("Words per minute"))
                .click();
        window.text("goal 105 by 11 Jun").first().waitFor();
        window.picture(folder.resolve("growth.png"));
        window.go("/classes/1/progress/reports");
        window.text("Dear family of Amara").waitFor();
        window.picture(folder.resolve("letter.png"));
    }

    private void ofTheClassAtWork() {
        try (Window window = Window.at(zafu).signInTeacher("ottoline", "salt-marsh-5")) {
            window.link("Progress").click();
            window.link("The marsh drinks twice: results by question").click();
            window.link("The class at work").click();
            window.text("working").first().waitFor();
            window.picture(folder.resolve("live.png"));
        }
    }

    private void plan(Window window) {
        window.link("Plan").click();
        window.region("Sheet Bend").waitFor();
        window.text("26 need").first().waitFor();
        window.picture(folder.resolve("week.png"));
        window.go("/classes/1/plan/tasks");
        window.link("Why the marsh floods twice a day").click();
        window.text("Farid gets two versions").waitFor();
        window.region("Who gets what").getByText("Short text").last().click();
        window.text("24 get one version").waitFor();
        window.button("Leave out").click();
        window.picture(folder.resolve("task.png"));
    }

    private void library(Window window) {
        window.go("/classes/1/library");
        window.region("Groups").getByText("Reef").click();
        window.button("Check links now").click();
        window.text("do not open.").waitFor();
        window.button("suggested").click();
        window.page().getByRole(AriaRole.SEARCHBOX).fill("cause");
        window.region("Preview").getByText("Build the chain.").first().waitFor();
        window.page().locator(".MuiSnackbar-root").waitFor(Window.GONE);
        window.picture(folder.resolve("library.png"));
        window.go("/classes/1/library/skills");
        window.region("Map of skills").waitFor();
        window.region("Groups").getByText("Reef").click();
        window.text("Where Reef stands").waitFor();
        window.page()
                .getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Words from context: "))
                .click();
        window.region("Words from context").waitFor();
        window.picture(folder.resolve("skill-map.png"));
    }

    private void newScores(Window window) {
        window.go("/classes/1/scores");
        window.field("Date").fill("2027-02-09");
        type(window, "Kofi Asterly", "900");
        type(window, "Odin Vale", "598");
        type(window, "Soren Dray", "700");
        window.go("/classes/1/today");
        window.button("Move Kofi").waitFor();
        window.picture(folder.resolve("today.png"));
        window.go("/classes/1/arrange/1");
        window.region("New scores suggest").waitFor();
        window.button("Move all 3").click();
        window.button("Make this change").click();
        window.text("3 students moved").waitFor();
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
        try (Window window = Window.onPhoneAt(zafu).signInStudent(zafu.codeOf("Wren"))) {
            window.link("Tide pools › 5 new").click();
            window.text("What would you ask the keeper?").waitFor();
            window.picture(folder.resolve("my-corner.png"));
        }
        try (Window window = Window.at(zafu).signInStudent(zafu.codeOf("Umi"))) {
            window.start("The marsh drinks twice");
            window.button("How I like to read").click();
            window.text("Highlight the paragraph I am reading").click();
            window.button("Done").click();
            window.page().getByRole(AriaRole.RADIO).first().check();
            window.text("✓ Saved").waitFor();
            ofTheClassAtWork();
        }
        try (Window window = Window.onPhoneAt(zafu).signInStudent(zafu.codeOf("Umi"))) {
            window.button("Continue: The marsh drinks twice").click();
            window.button("Question 2").click();
            window.page().getByRole(AriaRole.RADIO).first().check();
            window.button("Question 2").scrollIntoViewIfNeeded();
            window.button("Next").scrollIntoViewIfNeeded();
            window.picture(folder.resolve("try-phone.png"));
        }
    }
}
