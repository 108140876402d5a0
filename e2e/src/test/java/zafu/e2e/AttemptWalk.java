package zafu.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.TimeoutError;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;

/**
 * A seeded walk through everything that can happen while a student works, on two devices and more tabs, held against
 * {@link AttemptModel} after every step. The same seed takes the same steps.
 */
final class AttemptWalk implements AutoCloseable {
    private static final List<String> OPTIONS = List.of("crabs", "herons", "mussels");
    private static final int QUESTIONS = 3;
    private static final long HOUR_MS = 3_600_000;
    private static final int CHOICE = 0;
    private static final int LONG = 2;
    private static final String TASK = "Walked";

    /** On a slow machine a page may take its time to hear of something; it never takes for ever. */
    private static final Page.WaitForConditionOptions PATIENCE = new Page.WaitForConditionOptions()
            .setTimeout(Double.parseDouble(System.getProperty("zafu.patience", "60000")));

    /** Shows what stands in each field, in their order. */
    private static final String SHOWN =
            """
            () => [...document.querySelectorAll("fieldset:not([aria-hidden])")].map((field) => {
              const chosen = field.querySelector("input[type=radio]:checked");
              const written = field.querySelector(".ProseMirror");
              if (field.querySelector("input[type=radio]")) return chosen ? chosen.parentElement.innerText.trim() : "";
              return written ? written.innerText.trim() : field.querySelector("input")?.value ?? "no field yet";
            })
            """;

    private final PackagedServer server;
    private final Random random;
    private final long seed;
    private final OwnClass own;
    private final long task;
    private final AttemptModel model = new AttemptModel();
    private final Map<String, Window> windows = new LinkedHashMap<>();
    private final Map<String, Page> pages = new LinkedHashMap<>();
    private final List<String> steps = new ArrayList<>();
    private final String path;
    private final boolean kills;
    private boolean up = true;
    private int given;
    private int moves;

    /** @param kills whether the server is killed and started on the way, which takes its time */
    AttemptWalk(PackagedServer server, long seed, boolean kills) {
        this.server = server;
        this.seed = seed;
        this.kills = kills;
        random = new Random(seed);
        own = new OwnClass(server.address(), "Walk " + seed + " " + System.nanoTime(), 2);
        task = own.handOut(
                TASK,
                List.of(
                        OwnClass.choice("Who lives here?", OPTIONS.toArray(String[]::new)),
                        OwnClass.question("SHORT_ANSWER", "What pulls?", Map.of("accepted", List.of("moon"))),
                        OwnClass.question("LONG_ANSWER", "Tell how.", Map.of())),
                Map.of());
        Window first = addDevice("tablet");
        first.start(TASK);
        path = "/my/tries/" + first.page().url().replaceAll(".*/tries/", "");
        first.waitUntilInstalled();
        showAll(first.page());
        model.add("tablet");
    }

    private Window addDevice(String name) {
        Window window = Window.thatInstalls(server.address()).meaning("net::ERR_", "409 GET");
        window.context()
                .addInitScript("const real = Date.now;"
                        + "Date.now = () => real() + Number(localStorage.getItem('walk-shift') ?? 0);");
        windows.put(name, window.signInStudent(own.codeOf(1)));
        pages.put(name, window.page());
        return window;
    }

    private void showAll(Page page) {
        // A device whose date jumps asks whether somebody is there; whoever is there says so.
        page.addLocatorHandler(
                page.getByText("Are you still there?"), asked -> page.mouse().move(5, 5 + ++moves % 9));
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("All at once"))
                .click();
        page.locator(".ProseMirror").waitFor();
    }

    // ---------------------------------------------------------------- steps

    /** Takes that many steps and the end of the attempt; says all of them where something is not as it must be. */
    void run(int count) throws Exception {
        try {
            for (int i = 0; i < count; i++) {
                step();
                requireAsTheModel();
            }
            end();
        } catch (AssertionError | PlaywrightException wrong) {
            throw new AssertionError("seed " + seed + ", after\n  " + String.join("\n  ", steps), wrong);
        }
    }

    private void step() throws Exception {
        String device = new ArrayList<>(windows.keySet()).get(random.nextInt(windows.size()));
        switch (random.nextInt(16)) {
            case 0, 1, 2, 3, 4 -> answer(device);
            case 5, 6 -> connection(device);
            case 7, 8 -> reload(device);
            case 9 -> closeAndOpen(device);
            case 10 -> secondTab(device);
            case 11 -> secondDevice();
            case 12 -> moveClock(device);
            case 13 -> addMinutes();
            case 14 -> decide(device);
            default -> killOrStart();
        }
    }

    private void answer(String device) {
        // While the server is down only one device gives something: which of two comes first is nobody's to say.
        String giver = up ? device : "tablet";
        int question = random.nextInt(QUESTIONS);
        String text = question == CHOICE ? OPTIONS.get(random.nextInt(OPTIONS.size())) : "words " + ++given;
        if (text.equals(model.shown(giver, question))) {
            return;
        }
        say(giver + " answers " + question + " with " + text);
        give(pages.get(giver), question, text);
        model.answers(giver, question, text);
    }

    private static void give(Page page, int question, String text) {
        switch (question) {
            case CHOICE ->
                page.getByLabel(text, new Page.GetByLabelOptions().setExact(true))
                        .check();
            case LONG -> page.locator(".ProseMirror").fill(text);
            default -> page.locator("fieldset input[type=text]").fill(text);
        }
    }

    private void connection(String device) {
        boolean online = !model.isOnline(device);
        say(device + (online ? " comes back" : " goes offline"));
        if (online) {
            windows.get(device).online();
        } else {
            windows.get(device).offline();
        }
        model.online(device, online);
    }

    private void reload(String device) {
        say(device + " reloads");
        pages.get(device).reload();
        showAll(pages.get(device));
    }

    /** Only with a connection: a browser that is cut off by a test lets a new page through in its first moment. */
    private void closeAndOpen(String device) {
        if (!model.isOnline(device)) {
            return;
        }
        say(device + " closes the page and opens it");
        pages.get(device).close();
        pages.put(device, windows.get(device).anotherTab(path));
        showAll(pages.get(device));
    }

    private void secondTab(String device) {
        if (!model.isOnline(device)) {
            return;
        }
        say(device + " goes on in another tab");
        Page other = windows.get(device).anotherTab(path);
        showAll(other);
        untilShown(device, other);
        pages.get(device).close();
        pages.put(device, other);
    }

    private void secondDevice() {
        if (windows.size() < 2 && up) {
            say("a phone is taken up");
            Window phone = addDevice("phone");
            phone.go(path);
            phone.waitUntilInstalled();
            showAll(phone.page());
            model.add("phone");
        }
    }

    private void moveClock(String device) {
        long hours = random.nextInt(7) - 3;
        say("the clock of " + device + " is moved by " + hours + " hours");
        Page page = pages.get(device);
        page.evaluate("shift => localStorage.setItem('walk-shift', shift)", String.valueOf(hours * HOUR_MS));
    }

    private void addMinutes() {
        if (up) {
            say("the teacher adds two minutes");
            own.teacher
                    .post("/api/tries/" + path.replaceAll("\\D", "") + "/minutes", Map.of("minutes", 2))
                    .ok();
        }
    }

    private void decide(String device) {
        model.undecided(device).keySet().stream().findFirst().ifPresent(question -> {
            boolean here = random.nextBoolean();
            say(device + " decides for " + (here ? "its own" : "the other") + " answer to " + question);
            pages.get(device)
                    .locator("[id=question-" + (question + 1) + "]")
                    .getByText(here ? "Use my answer here" : "Keep the saved one")
                    .click();
            if (here) {
                model.insists(device, question);
            } else {
                model.keepsTheOther(device, question);
            }
        });
    }

    private void killOrStart() throws Exception {
        if (up && !kills || up && windows.keySet().stream().anyMatch(model::hasUnsent)) {
            return;
        }
        say(up ? "the server is killed" : "the server starts");
        if (up) {
            server.kill();
        } else {
            server.start();
        }
        up = !up;
        model.serverUp(up);
    }

    private void say(String step) {
        steps.add(step);
    }

    // ---------------------------------------------------------------- what must be so

    private void requireAsTheModel() {
        pages.values().forEach(page -> page.mouse().move(9, 9 + ++moves % 9));
        windows.keySet().forEach(device -> untilShown(device, pages.get(device)));
        for (int question = 0; up && question < QUESTIONS; question++) {
            assertThat(onServer(question))
                    .as("question %s on the server", question)
                    .isEqualTo(model.server(question));
        }
    }

    private void untilShown(String device, Page page) {
        List<String> expected = new ArrayList<>();
        for (int question = 0; question < QUESTIONS; question++) {
            expected.add(model.shown(device, question));
        }
        // A page that cannot reach the server may still be trying: it claims less than it could, never more.
        List<String> marks = model.mark(device).equals("✓ Saved") ? List.of("✓ Saved") : marksWithout(device);
        try {
            page.waitForCondition(
                    () -> expected.equals(page.evaluate(SHOWN))
                            && marks.stream()
                                    .anyMatch(
                                            mark -> page.getByText(mark).first().isVisible()),
                    PATIENCE);
        } catch (TimeoutError never) {
            throw new AssertionError(
                    device + " shows " + page.evaluate(SHOWN) + " and says "
                            + page.getByRole(AriaRole.STATUS).allInnerTexts()
                            + ", but must show " + expected + " and say " + marks,
                    never);
        }
        for (int question = 0; question < QUESTIONS; question++) {
            assertThat(page.locator("[id=question-" + (question + 1) + "] [role=alert]")
                                    .count()
                            > 0)
                    .as("%s asks which of two answers counts for %s", device, question)
                    .isEqualTo(model.isUndecided(device, question));
        }
    }

    private List<String> marksWithout(String device) {
        boolean noticed = !model.isOnline(device) || model.hasUnsent(device);
        return noticed ? List.of(model.mark(device)) : List.of(model.mark(device), "✓ Saved");
    }

    private String onServer(int question) {
        JsonNode answer = own.teacher
                .get("/api/tries/" + path.replaceAll("\\D", ""))
                .ok()
                .get("answers")
                .get(question);
        String text = answer.path("given").asString("");
        if (question == CHOICE && !text.isEmpty()) {
            return OPTIONS.get(Integer.parseInt(text));
        }
        return text.replaceAll("<[^>]*>", "").strip();
    }

    // ---------------------------------------------------------------- the end

    /** The attempt ends while devices may be offline: by hand, by the clock, or by being withdrawn. */
    private void end() throws Exception {
        if (!up) {
            killOrStart();
            requireAsTheModel();
        }
        String inTwoHours = own.now().plusHours(2).toString();
        switch (random.nextInt(3)) {
            case 0 -> {
                say("the work is withdrawn");
                own.withdraw(task);
            }
            case 1 -> {
                say("the time is over");
                server.kill();
                server.start(inTwoHours);
            }
            default -> {
                say("it is handed in by the student elsewhere");
                own.handIn(1, path.replaceAll("\\D", ""));
            }
        }
        windows.values().forEach(Window::online);
        int waiting = model.withoutAPlace();
        own.teacher.get("/api/classes/" + own.id + "/progress").ok();
        pages.values().iterator().next().waitForCondition(() -> late() == waiting, PATIENCE);
        for (int question = 0; question < QUESTIONS; question++) {
            assertThat(onServer(question))
                    .as("question %s in the end", question)
                    .isEqualTo(model.server(question));
        }
    }

    /** How many answers wait for the teacher. */
    private int late() {
        return own.teacher
                .get("/api/tries/" + path.replaceAll("\\D", ""))
                .ok()
                .get("late")
                .size();
    }

    @Override
    public void close() {
        windows.values().forEach(Window::close);
    }
}
