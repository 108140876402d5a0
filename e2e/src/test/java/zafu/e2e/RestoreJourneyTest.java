package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An administrator makes a backup in the browser, something goes wrong, and the school is as it was again. */
class RestoreJourneyTest {
    @TempDir
    Path data;

    private PackagedServer server;

    @AfterEach
    void stop() {
        server.kill();
    }

    @Test
    void aBackupTakenInTheSchoolsPageBringsBackWhatWasLost() throws Exception {
        server = new PackagedServer(data);
        server.start();
        Path backup = data.resolve("taken-home.zip");
        try (Window administrator = Window.at(server.address()).signInTeacher("ottoline", "salt-marsh-5")) {
            administrator.go("/school/backups");
            administrator.button("Make a backup now").click();
            Download file = administrator
                    .page()
                    .waitForDownload(() -> administrator.link("zafu-").first().click());
            file.saveAs(backup);
            renameTheClass(administrator, "5 Heron", "gone wrong");
        }
        server.kill();
        assertThat(server.command("restore", data.toString(), backup.toString()))
                .startsWith("Restored.");
        server.start();
        try (Window administrator = Window.at(server.address()).signInTeacher("ottoline", "salt-marsh-5")) {
            classMenu(administrator, "5 Heron").waitFor();
            assertThat(classMenu(administrator, "gone wrong")).hasCount(0);
        }
    }

    private static com.microsoft.playwright.Locator classMenu(Window window, String name) {
        return window.page().getByText(Pattern.compile("^" + name + " ▾$"));
    }

    private void renameTheClass(Window window, String before, String after) {
        var teacher = server.caller().signInAdult("ottoline", "salt-marsh-5");
        var heron = teacher.get("/api/classes")
                .ok()
                .get("classes")
                .valueStream()
                .filter(each -> each.get("name").asString().equals(before))
                .findFirst()
                .orElseThrow();
        teacher.put(
                        "/api/classes/" + heron.get("id").asLong(),
                        Map.of("name", after, "grade", 5, "subject", "", "termIds", List.of()))
                .done();
        window.go("/classes/" + heron.get("id").asLong() + "/students");
        classMenu(window, after).waitFor();
    }
}
