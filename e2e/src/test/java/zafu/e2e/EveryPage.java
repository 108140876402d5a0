package zafu.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ColorScheme;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import zafu.server.demo.HttpCaller;
import zafu.server.library.ItemKind;
import zafu.server.library.QuestionKind;

/**
 * Every page that somebody can come to, opened fresh, reloaded, and come to again. What there is to open is read from the
 * pages and from the routes of the front end, so that a new place is walked without anybody adding it here. That nothing goes
 * wrong meanwhile is the rule of {@link Troubles}.
 */
final class EveryPage {
    private static final Path ROUTES = Path.of("../web/src/app.tsx");
    private static final Pattern ROUTE = Pattern.compile("<Route(?: path=\"([^\"]+)\")?[^\n]*?(/?)>(?=\n)");

    /** A device: how large it is, and whether it shows light or dark pages. */
    record Look(int width, int height, ColorScheme scheme) {
        static final List<Look> ALL = List.of(
                new Look(360, 740, ColorScheme.LIGHT),
                new Look(1280, 800, ColorScheme.DARK),
                new Look(360, 740, ColorScheme.DARK),
                new Look(1280, 800, ColorScheme.LIGHT));

        /** A phone keeps the pages of its student. */
        Window window(String address) {
            return width < 400 ? Window.thatInstalls(address, width, height) : Window.sized(address, width, height);
        }
    }

    private final RunningZafu zafu;
    private final HttpCaller teacher;
    private final Set<String> walked = new LinkedHashSet<>();

    EveryPage(RunningZafu zafu) {
        this.zafu = zafu;
        teacher = new HttpCaller(URI.create(zafu.address()).getPort()).signInAdult("ottoline", "salt-marsh-5");
    }

    /** What was opened, a line each. */
    Set<String> walked() {
        return walked;
    }

    // ---------------------------------------------------------------- students

    /** Entry codes of the students of all of the teacher's classes, by name. */
    Map<String, String> students() {
        Map<String, String> codes = new LinkedHashMap<>();
        for (JsonNode each : teacher.get("/api/classes").ok().get("classes")) {
            for (JsonNode student : teacher.get("/api/classes/" + each.get("id").asLong() + "/students")
                    .ok()) {
                if (student.has("entryCode")) {
                    codes.put(
                            student.get("givenName").asString() + " "
                                    + student.get("familyName").asString(),
                            student.get("entryCode").asString());
                }
            }
        }
        return codes;
    }

    /** @param all whether what another student has had in the same way is opened again */
    void walkStudent(String name, String code, Look look, boolean all) {
        try (Window student = look.window(zafu.address()).showing(look.scheme).signInStudent(code)) {
            Page page = student.page();
            for (String thing : thingsOf(page)) {
                if (walked.add(all ? name + ": " + thing + " " + look : thing)) {
                    openFreshReloadedAndAgain(student, thing);
                }
            }
            student.go("/my");
            requireSettled(page);
        }
    }

    /** What can be opened on a student's page: work by the name of its button, everything else by its address. */
    private static List<String> thingsOf(Page page) {
        requireSettled(page);
        List<String> things = new ArrayList<>();
        page.getByRole(AriaRole.MAIN)
                .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName(Pattern.compile("^[^:]+: .+")))
                .all()
                .forEach(button -> things.add(button.getAttribute("aria-label")));
        page.locator("main a[href^='/my/']").all().forEach(link -> things.add(link.getAttribute("href")));
        return things;
    }

    private static void openFreshReloadedAndAgain(Window student, String thing) {
        open(student, thing);
        String address = student.page().url();
        student.page().reload();
        requireSettled(student.page());
        student.go("/my");
        requireSettled(student.page());
        // What was begun is called otherwise now, and goes on.
        String start = StudentsWords.on(student.page(), "mywork", "start") + ": ";
        String goOn = StudentsWords.on(student.page(), "mywork", "goOn") + ": ";
        open(student, thing.startsWith(start) ? goOn + thing.substring(start.length()) : thing);
        assertThat(student.page().url()).as(thing).isEqualTo(address);
        student.go("/my");
    }

    private static void open(Window student, String thing) {
        Page page = student.page();
        requireSettled(page);
        if (thing.startsWith("/")) {
            student.go(thing);
        } else {
            student.button(thing).click();
            Locator begins = student.button(StudentsWords.on(page, "mywork", "before", "start"));
            Pattern opened = Pattern.compile(".*/my/tries/\\d+");
            page.waitForCondition(
                    () -> begins.isVisible() || opened.matcher(page.url()).matches());
            if (begins.isVisible()) {
                begins.click();
            }
            page.waitForURL(opened);
        }
        requireSettled(page);
    }

    /** Until what is on its way is there; a part that says it could not be shown is none. */
    private static void requireSettled(Page page) {
        page.getByRole(AriaRole.MAIN).first().waitFor();
        assertThat(page.getByText(StudentsWords.inAny("shell", "waiting"))).hasCount(0);
        assertThat(page.getByText(StudentsWords.inAny("shell", "partFailed"))).hasCount(0);
        assertThat(page.locator("h1, h2").first()).isVisible();
    }

    // ---------------------------------------------------------------- every kind of question and of material

    /** A task in a class of its own that holds each kind there is; a new kind does not compile until it is here. */
    OwnClass everyKind() {
        OwnClass own = new OwnClass(zafu, "Every kind", 4);
        List<Map<String, Object>> questions = new ArrayList<>();
        for (QuestionKind kind : QuestionKind.values()) {
            questions.add(OwnClass.question(kind.name(), "A question of the kind " + kind, bodyOf(kind)));
        }
        List<Long> materials = new ArrayList<>();
        for (ItemKind kind : ItemKind.values()) {
            materialOf(kind)
                    .ifPresent(item -> materials.add(own.teacher
                            .post("/api/library/items", item)
                            .ok()
                            .get("id")
                            .asLong()));
        }
        own.handOut("Every kind", questions, Map.of("texts", materials));
        own.handOut("Made by hand", List.of(), Map.of("way", "HAND_IN", "instructions", "Draw a heron."));
        return own;
    }

    private static Map<String, Object> bodyOf(QuestionKind kind) {
        List<String> options = List.of("low", "rising", "high");
        return switch (kind) {
            case SINGLE_CHOICE -> Map.of("options", options, "right", 0);
            case MULTIPLE_CHOICE -> Map.of("options", options, "rights", List.of(0, 2));
            case NUMERIC -> Map.of("value", 6, "unit", "hours");
            case SHORT_ANSWER -> Map.of("accepted", List.of("moon"));
            case ORDERING -> Map.of("options", options);
            case MATCHING ->
                Map.of("options", List.of("a", "b"), "partners", List.of("x", "y"), "pairs", List.of(1, 0));
            case BLANKS ->
                Map.of("pieces", List.of(Map.of("text", "The "), Map.of("text", "", "accepted", List.of("moon"))));
            case LONG_ANSWER -> Map.of("guidance", "A reason");
            case HOT_WORDS ->
                Map.of(
                        "pieces",
                        List.of(
                                Map.of("text", "so", "right", true),
                                Map.of("text", " and "),
                                Map.of("text", "sea", "right", false)));
        };
    }

    private static Optional<Map<String, Object>> materialOf(ItemKind kind) {
        Map<String, Object> item = new LinkedHashMap<>();
        item.put("kind", kind.name());
        item.put("title", "Something of the kind " + kind);
        item.put("body", "# Marsh\n\nThe tide comes in.\n\n- crabs\n- herons");
        return switch (kind) {
            case TEXT, TALK, OFF_SCREEN -> Optional.of(item);
            case LINK -> {
                item.put("address", "https://marsh.example/webcam");
                yield Optional.of(item);
            }
            // Questions come from the task; a lesson is the teacher's; a sheet needs a file.
            case PRACTICE, QUIZ, LESSON, PRINTABLE -> Optional.empty();
        };
    }

    /** Question by question, with all of them at once in between. */
    void walkQuestions(OwnClass own, int number, Look look) {
        try (Window student = look.window(zafu.address()).showing(look.scheme).signInStudent(own.codeOf(number))) {
            openFreshReloadedAndAgain(student, "Start: Every kind");
            open(student, "Continue: Every kind");
            for (int i = 1; i < QuestionKind.values().length; i++) {
                assertThat(student.button("Next")).isInViewport();
                student.button("Next").click();
                requireSettled(student.page());
            }
            student.button("All at once").click();
            assertThat(student.page().getByRole(AriaRole.GROUP)).hasCount(QuestionKind.values().length);
            requireSettled(student.page());
            student.go("/my");
            openFreshReloadedAndAgain(student, "Start: Made by hand");
        }
    }

    // ---------------------------------------------------------------- adults

    /** Opens each place by its address and reloads it, then each further place that one of them leads to. */
    void walkAdult(Look look) {
        try (Window adult = Window.sized(zafu.address(), look.width, look.height)
                .meaning("nobody-was-asked")
                .showing(look.scheme)
                .signInTeacher("ottoline", "salt-marsh-5")) {
            List<String> next = new ArrayList<>(addresses());
            for (int i = 0; i < next.size(); i++) {
                String address = next.get(i);
                if (walked.add("adult " + withoutNumbers(address) + " " + look)) {
                    adult.go(address);
                    requirePlace(adult.page(), address);
                    adult.page().reload();
                    requirePlace(adult.page(), address);
                    next.addAll(linksOf(adult.page()));
                }
            }
        }
    }

    private static void requirePlace(Page page, String address) {
        assertThat(page.getByText("One moment…")).hasCount(0);
        assertThat(page.locator("main, [role=main], form, section").first()).isVisible();
        assertThat(page.url()).as("the place at its own address").contains(address.replaceFirst("[?#].*", ""));
    }

    private static List<String> linksOf(Page page) {
        return page.locator("a[href^='/']").all().stream()
                .map(link -> link.getAttribute("href"))
                .filter(href -> !href.startsWith("/api/") && !href.startsWith("/my"))
                .toList();
    }

    private static String withoutNumbers(String address) {
        return address.replaceAll("\\d+", "n").replaceFirst("[?#].*", "");
    }

    /** The addresses of the routes, with what their parameters stand for in the demo. */
    List<String> addresses() {
        List<String> addresses = new ArrayList<>();
        String around = "";
        for (String line : source().split("\n")) {
            Matcher route = ROUTE.matcher(line.strip() + "\n");
            if (line.contains("</Route>")) {
                around = "";
            } else if (route.find()) {
                String path = route.group(1) == null ? "" : route.group(1);
                boolean opens = route.group(2).isEmpty();
                String whole = path.startsWith("/") ? path : around + "/" + path;
                if (opens) {
                    around = path;
                } else if (!path.equals("*")) {
                    addresses.add(filled(whole));
                }
            }
        }
        assertThat(addresses).as("places found in " + ROUTES).hasSizeGreaterThan(25);
        return addresses;
    }

    private static String source() {
        try {
            String all = Files.readString(ROUTES);
            return all.substring(all.indexOf("function TeacherRoutes"), all.indexOf("function EntryRoutes"));
        } catch (IOException unreadable) {
            throw new UncheckedIOException(unreadable);
        }
    }

    private String filled(String path) {
        String address = path.replaceAll("/:\\w+\\?", "");
        Matcher parameter = Pattern.compile(":(\\w+)").matcher(address);
        return parameter.replaceAll(found -> valueOf(found.group(1)));
    }

    private String valueOf(String parameter) {
        return switch (parameter) {
            case "classId" -> "1";
            case "arrangementId" -> firstId("/api/classes/1/arrangements");
            case "taskId" -> firstId("/api/classes/1/tasks");
            case "studentId" -> firstId("/api/classes/1/students");
            case "itemId" ->
                teacher.get("/api/classes/1/library?limit=1")
                        .ok()
                        .get("hits")
                        .get(0)
                        .get("id")
                        .asString();
            case "token" -> "nobody-was-asked";
            default -> throw new IllegalStateException("Say here what :" + parameter + " stands for.");
        };
    }

    private String firstId(String path) {
        JsonNode all = teacher.get(path).ok();
        return (all.isArray() ? all : all.iterator().next()).get(0).get("id").asString();
    }
}
