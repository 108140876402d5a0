package zafu.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.ElementState;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.RequestOptions;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;

/** A browser window of one person, 1280 × 800 like a teacher's laptop. */
final class Window implements AutoCloseable {
    private static final List<String> FLAGS = List.of(
            "--no-sandbox",
            "--disable-gpu",
            "--disable-quic",
            "--no-first-run",
            "--disable-background-networking",
            "--disable-component-update",
            "--disable-sync",
            // There is no graphics card; without these flags one is imitated, which costs more than all else.
            "--disable-software-rasterizer",
            "--in-process-gpu");
    /** How long a state is waited for; long, because machines are shared and noisy, and nothing waits once it is there. */
    private static final double PATIENCE_MS = 20_000;

    /** To wait until something is no longer there. */
    static final Locator.WaitForOptions GONE = new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED);

    private static Browser browser;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE_MS);
    }

    private final BrowserContext context;
    private final Page page;
    private final String address;
    private final Troubles troubles;

    private Window(String address, int width, int height) {
        this(address, width, height, ServiceWorkerPolicy.BLOCK);
    }

    private Window(String address, int width, int height, ServiceWorkerPolicy workers) {
        this.address = address;
        context = browser()
                .newContext(new Browser.NewContextOptions()
                        .setViewportSize(width, height)
                        .setReducedMotion(ReducedMotion.REDUCE)
                        .setServiceWorkers(workers));
        context.setDefaultTimeout(PATIENCE_MS);
        troubles = new Troubles(context);
        page = context.newPage();
    }

    /** What this test means to go wrong, as {@link Troubles#mean} says; everything else that does fails it. */
    Window meaning(String... parts) {
        troubles.mean(parts);
        return this;
    }

    /** As the device of a person who goes out of reach, until {@link #online}. */
    void offline() {
        troubles.mean("net::ERR_INTERNET_DISCONNECTED", "net::ERR_FAILED", "net::ERR_NETWORK_CHANGED");
        context.setOffline(true);
    }

    void online() {
        context.setOffline(false);
    }

    private static synchronized Browser browser() {
        if (browser == null) {
            Playwright playwright = Playwright.create(
                    new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
            browser = playwright
                    .chromium()
                    .launch(new BrowserType.LaunchOptions()
                            .setExecutablePath(Path.of("/usr/bin/chromium-headless-shell"))
                            .setArgs(FLAGS));
        }
        return browser;
    }

    static Window at(RunningZafu zafu) {
        return new Window(zafu.address(), 1280, 800);
    }

    static Window onPhoneAt(RunningZafu zafu) {
        return new Window(zafu.address(), 400, 800);
    }

    static Window sized(String address, int width, int height) {
        return new Window(address, width, height);
    }

    /**
     * On a device that keeps the students' pages, to open them without a connection. It fetches all of them for that, which
     * costs as much as the page itself, so the other windows of tests do not.
     */
    static Window thatInstalls(String address) {
        return thatInstalls(address, 1280, 800);
    }

    static Window thatInstalls(String address, int width, int height) {
        return new Window(address, width, height, ServiceWorkerPolicy.ALLOW);
    }

    /** As a device that shows light or dark pages, at an application of its own. */
    Window showing(ColorScheme scheme) {
        page.emulateMedia(new Page.EmulateMediaOptions().setColorScheme(scheme));
        return this;
    }

    /** A browser at an application of its own. */
    static Window at(String address) {
        return new Window(address, 1280, 800);
    }

    /** Another page of the same browser, as a second tab has it. */
    Page anotherTab(String path) {
        Page tab = context.newPage();
        tab.navigate(address + path);
        return tab;
    }

    BrowserContext context() {
        return context;
    }

    Page page() {
        return page;
    }

    Window go(String path) {
        page.navigate(address + path);
        return this;
    }

    /** Without the page of signing in, which has tests of its own. */
    Window signInTeacher(String name, String password) {
        signIn("/api/sign-in/adult", Map.of("name", name, "password", password));
        go("/");
        page.getByRole(AriaRole.NAVIGATION).waitFor();
        return this;
    }

    /** Without the page of signing in, which has tests of its own. */
    Window signInStudent(String code) {
        signIn("/api/sign-in/student", Map.of("code", code));
        go("/");
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(StudentsWords.inAny("shell", "signOut")))
                .waitFor();
        return this;
    }

    private void signIn(String path, Map<String, String> asked) {
        APIRequestContext browser = context.request();
        browser.get(address + "/api/session");
        String token = context.cookies().stream()
                .filter(each -> each.name.equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .value;
        RequestOptions options =
                RequestOptions.create().setHeader("X-XSRF-TOKEN", token).setData(asked);
        assertThat(browser.post(address + path, options).ok()).as("signed in").isTrue();
    }

    /** The test moves the page's clock from now on. The page begins anew with it: what waits by the real one goes on waiting. */
    void takeItsClock() {
        page.clock().install();
        page.reload();
    }

    /** Starts a piece of work under time, through what is said before the clock starts. */
    Window start(String title) {
        button("Start: " + title).click();
        button("Start now").click();
        page.getByRole(AriaRole.TIMER).waitFor();
        return this;
    }

    /** Until the students' pages could open without a connection. */
    void waitUntilInstalled() {
        waitUntil("async () => navigator.serviceWorker.controller !== null"
                + " && await caches.match('/my', { cacheName: 'zafu-page' }) !== undefined");
    }

    /** Until an expression that takes its time says true. */
    void waitUntil(String expression) {
        page.waitForCondition(() -> (boolean) page.evaluate(expression));
    }

    Locator button(String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator link(String name) {
        return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
    }

    /** A field by its label, with or without the star of a required one. */
    Locator field(String label) {
        // The pattern is matched in the browser, which does not know Java's way of quoting.
        String escaped = label.replaceAll("[.*+?^${}()|\\[\\]\\\\]", "\\\\$0");
        return page.getByLabel(Pattern.compile("^\\s*" + escaped + "(\\s\\*)?$"));
    }

    Locator region(String name) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    Locator text(String text) {
        return page.getByText(text);
    }

    /** By its left edge onto the lower half of something. */
    void drag(Locator what, Locator to) {
        canBeGrasped(what);
        to.elementHandle().waitForElementState(ElementState.STABLE);
        BoundingBox from = what.boundingBox();
        BoundingBox target = to.boundingBox();
        Mouse mouse = page.mouse();
        mouse.move(from.x + 20, from.y + from.height / 2);
        mouse.down();
        mouse.move(from.x + 40, from.y + from.height / 2 + 4);
        nextPictures();
        mouse.move(target.x + target.width / 2, target.y + target.height - 12, new Mouse.MoveOptions().setSteps(8));
        nextPictures();
        mouse.up();
    }

    /** A hand cannot grasp what still moves or lies under a closing dialog: a trial waits until it can. */
    private static void canBeGrasped(Locator what) {
        what.hover(new Locator.HoverOptions().setTrial(true));
    }

    /** A hand sees where it is before it lets go: what was moved has been painted there. */
    private void nextPictures() {
        page.evaluate("() => new Promise(seen => requestAnimationFrame(() => requestAnimationFrame(seen)))");
    }

    /** Hands in what is open, and says that it is meant. */
    void handIn() {
        button("Hand in").click();
        page.getByRole(AriaRole.DIALOG)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Hand in"))
                .click();
    }

    String allText() {
        return page.innerText("body");
    }

    void picture(Path file) {
        page.evaluate("document.fonts.ready");
        page.screenshot(new Page.ScreenshotOptions().setPath(file));
    }

    @Override
    public void close() {
        List<String> wrong = troubles.found();
        context.close();
        assertThat(wrong).as("what went wrong in the browser and was not meant").isEmpty();
    }
}
