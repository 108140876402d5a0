package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** An administrator asks a colleague by mail, who accepts and works in the class. */
class InvitationJourneyTest {
    private final RunningZafu zafu = RunningZafu.demo();
    private final OwnClass own = new OwnClass(zafu, "shared class", 3);
    private final Window administrator = own.window();

    @AfterEach
    void close() {
        administrator.close();
    }

    private void choose(String label, String option) {
        administrator
                .page()
                .getByRole(AriaRole.COMBOBOX, new Page.GetByRoleOptions().setName(label))
                .click();
        administrator
                .page()
                .getByRole(
                        AriaRole.OPTION,
                        new Page.GetByRoleOptions().setName(option).setExact(true))
                .click();
    }

    private String pathInTheMail() {
        Locator mail = administrator.region("Emails sent").locator("details").first();
        mail.locator("summary").click();
        Matcher address = Pattern.compile("/invited/\\S+").matcher(mail.innerText());
        if (!address.find()) {
            throw new IllegalStateException("no address in: " + mail.innerText());
        }
        return address.group();
    }

    @Test
    void aColleagueIsAskedByMailAndAccepts() {
        administrator.go("/school/adults");
        administrator.button("Invite by email…").click();
        administrator.field("Email address").fill("perpetua@harbour.example");
        choose("Class", "shared class");
        administrator.button("Send").click();
        assertThat(administrator.region("Emails sent")).containsText("perpetua@harbour.example");
        Accessibility.check(administrator.page());
        String path = pathInTheMail();
        try (Window colleague = Window.at(zafu).meaning("404 GET")) {
            colleague.go(path);
            assertThat(colleague.text("Work in shared class").first()).isVisible();
            colleague.field("Your name, as colleagues and students see it").fill("Perpetua Lanternrow");
            colleague.field("Name to sign in with").fill("perpetua-by-mail");
            colleague.field("A password of at least 10 characters").fill("harbour-light-9");
            Accessibility.check(colleague.page());
            colleague.button("Accept").click();
            assertThat(colleague.page().getByText("Perpetua Lanternrow").first())
                    .isVisible();
            assertThat(colleague.page().getByText("shared class").first()).isVisible();
        }
        try (Window late = Window.at(zafu).meaning("GET")) {
            late.go(path);
            assertThat(late.text("This link no longer works").first()).isVisible();
        }
    }
}
