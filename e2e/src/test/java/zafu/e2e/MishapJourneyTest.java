package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** What cannot be shown or done says why, and goes on when it can. */
class MishapJourneyTest {
    private static final String UNREACHED = "Zafu does not answer. Is the network there?";
    private final OwnClass own = new OwnClass(RunningZafu.demo(), "mishaps", 4);
    private final Window teacher =
            own.window().meaning("503 GET", "404 GET", "net::ERR_INTERNET", "console: ", "page of mishap");

    @AfterEach
    void close() {
        teacher.close();
    }

    @Test
    void aPageThatDoesNotComeIsTriedAgain() {
        teacher.go("/classes/" + own.id + "/students");
        teacher.text("S1").first().waitFor();
        teacher.context().route("**/api/**", each -> each.fulfill(new Route.FulfillOptions().setStatus(503)));
        teacher.link("Progress").click();
        assertThat(teacher.page().getByRole(AriaRole.ALERT)).containsText(UNREACHED);
        Accessibility.check(teacher.page());
        teacher.context().unroute("**/api/**");
        teacher.button("Try again").click();
        assertThat(teacher.text("Nothing is assigned yet.")).isVisible();
    }

    @Test
    void aStepWithoutAConnectionIsNotDoneLaterByItself() {
        long arrangement = own.arrange("Reading", 2);
        teacher.go("/classes/" + own.id + "/arrange/" + arrangement);
        teacher.region("Sheet Bend").waitFor();
        teacher.offline();
        teacher.button("Add a group").click();
        assertThat(teacher.text(UNREACHED)).isVisible();
        teacher.online();
        teacher.button("Add a group").click();
        assertThat(teacher.region("Clove")).isVisible();
        org.assertj.core.api.Assertions.assertThat(own.bench(arrangement).get("groups"))
                .hasSize(3);
    }

    @Test
    void whatIsNotThereIsSaidInItsPlace() {
        teacher.go("/classes/" + own.id + "/plan/" + Integer.MAX_VALUE);
        assertThat(teacher.page().getByRole(AriaRole.ALERT)).containsText("There is no such task here.");
        teacher.link("Students").click();
        assertThat(teacher.text("S1").first()).isVisible();
        teacher.go("/classes/" + Integer.MAX_VALUE + "/today");
        assertThat(teacher.text("There is no such class, or you do not work in it."))
                .isVisible();
        teacher.go("/nowhere/at/all");
        assertThat(teacher.link("Today")).isVisible();
    }
}
