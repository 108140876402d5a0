package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import zafu.core.need.Accommodation;
import zafu.core.need.Support;
import zafu.core.roster.Stay;
import zafu.server.oneroster.RosterBundle.ClassLine;
import zafu.server.oneroster.RosterBundle.Flag;
import zafu.server.oneroster.RosterBundle.Part;
import zafu.server.oneroster.RosterBundle.Person;
import zafu.server.oneroster.RosterBundle.Place;
import zafu.server.oneroster.RosterBundle.Role;
import zafu.server.oneroster.RosterBundle.Session;

/** Reads a school's information system over OneRoster 1.2 REST, page by page, with limits on time and size. */
final class SystemClient {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String ROSTERING = "/ims/oneroster/rostering/v1p2/";
    private static final Duration CONNECT = Duration.ofSeconds(3);
    private static final Duration ANSWER = Duration.ofSeconds(8);
    private static final int PAGE = 200;
    private static final int MOST_PAGES = 500;
    private static final int MOST_BYTES = 4 << 20;
    private final HttpClient http =
            HttpClient.newBuilder().connectTimeout(CONNECT).build();
    private final String address;
    private final String token;
    private final List<String> problems = new ArrayList<>();

    SystemClient(String address, String token) {
        this.address = address;
        this.token = token;
    }

    /** It is down, slow, refuses, or answers with something that is no list; the message is for a person. */
    static final class NotUsable extends RuntimeException {
        NotUsable(String sentence) {
            super(sentence);
        }
    }

    RosterBundle fetch() {
        List<Session> sessions = all("academicSessions", SystemClient::session);
        List<ClassLine> classes = all("classes", SystemClient::schoolClass);
        List<Person> people = all("users", SystemClient::person);
        List<Place> places = all("enrollments", SystemClient::place);
        List<Flag> flags = all("flags", SystemClient::flag);
        if (people.isEmpty() || classes.isEmpty()) {
            throw new NotUsable(inWords("oneroster.the-schools-system-sent-no-people"));
        }
        return new RosterBundle(
                EnumSet.of(Part.USERS, Part.CLASSES, Part.ENROLLMENTS, Part.FLAGS),
                sessions,
                classes,
                people,
                places,
                List.of(),
                List.of(),
                flags,
                problems);
    }

    private <T> List<T> all(String what, Function<JsonNode, T> reading) {
        List<T> all = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (int page = 0; page < MOST_PAGES; page++) {
            JsonNode answer = page(what, page * PAGE);
            JsonNode list = answer.get(what);
            if (list == null || !list.isArray()) {
                throw rubbish(what);
            }
            for (JsonNode each : list) {
                read(what, each, seen, reading).ifPresent(all::add);
            }
            if (list.size() < PAGE) {
                return all;
            }
        }
        throw new NotUsable(inWords("oneroster.the-schools-system-sends-without", "what", what));
    }

    private <T> Optional<T> read(String what, JsonNode each, Set<String> seen, Function<JsonNode, T> reading) {
        String id = text(each, "sourcedId");
        if (id.isEmpty() || !seen.add(id)) {
            problems.add(inWords("oneroster.an-entry-has-no-id-or-the-id-of", "what", what, "id", id));
            return Optional.empty();
        }
        try {
            return Optional.of(reading.apply(each));
        } catch (RuntimeException unreadable) {
            problems.add(inWords("oneroster.cannot-be-read", "what", what, "id", id));
            return Optional.empty();
        }
    }

    private static NotUsable rubbish(String what) {
        return new NotUsable(inWords("oneroster.the-schools-system-answered-with", "what", what));
    }

    private JsonNode page(String what, int offset) {
        String path = what.equals("flags") ? "/zafu/flags" : ROSTERING + what;
        HttpRequest request = HttpRequest.newBuilder(
                        URI.create(address + path + "?limit=" + PAGE + "&offset=" + offset))
                .timeout(ANSWER)
                .header("Authorization", "Bearer " + token)
                .header("Accept", "application/json")
                .build();
        try {
            HttpResponse<InputStream> response = http.send(request, HttpResponse.BodyHandlers.ofInputStream());
            try (InputStream body = response.body()) {
                return read(what, response.statusCode(), body);
            }
        } catch (HttpTimeoutException slow) {
            throw new NotUsable(inWords("oneroster.the-schools-system-took-too-long"));
        } catch (IOException down) {
            throw new NotUsable(inWords("oneroster.the-schools-system-does-not-answer"));
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new NotUsable(inWords("oneroster.fetching-was-interrupted-nothing"));
        }
    }

    private static JsonNode read(String what, int status, InputStream body) throws IOException {
        if (status == 401 || status == 403) {
            throw new NotUsable(inWords("oneroster.the-schools-system-does-not-accept"));
        }
        // Flags are our own addition; a system that knows nothing of them has none.
        if (status == 404 && what.equals("flags")) {
            return JSON.readTree("{\"flags\":[]}");
        }
        if (status != 200) {
            throw new NotUsable(inWords("oneroster.the-schools-system-answered-with-2", "status", status));
        }
        byte[] bytes = body.readNBytes(MOST_BYTES + 1);
        if (bytes.length > MOST_BYTES) {
            throw new NotUsable(inWords("oneroster.the-schools-system-sent-far-too"));
        }
        try {
            return JSON.readTree(bytes);
        } catch (JacksonException noJson) {
            throw rubbish(what);
        }
    }

    private static String text(JsonNode node, String field) {
        JsonNode found = node.get(field);
        return found == null || found.isNull() ? "" : found.asString().strip();
    }

    private static String link(JsonNode node, String field) {
        JsonNode found = node.get(field);
        return found == null ? "" : text(found, "sourcedId");
    }

    private static boolean gone(JsonNode node) {
        return text(node, "status").equals("tobedeleted");
    }

    private static Session session(JsonNode node) {
        return new Session(
                text(node, "sourcedId"),
                gone(node),
                text(node, "title"),
                LocalDate.parse(text(node, "startDate")),
                LocalDate.parse(text(node, "endDate")));
    }

    private static int grade(JsonNode node) {
        JsonNode grades = node.get("grades");
        return grades == null || grades.isEmpty()
                ? 0
                : Grades.of(grades.get(0).asString()).orElse(0);
    }

    private static ClassLine schoolClass(JsonNode node) {
        return new ClassLine(
                text(node, "sourcedId"),
                gone(node),
                required(node, "title"),
                grade(node),
                text(node, "classType").equals("homeroom"),
                List.of());
    }

    private static String required(JsonNode node, String field) {
        String found = text(node, field);
        if (found.isEmpty() || found.length() > 120) {
            throw new IllegalArgumentException(field);
        }
        return found;
    }

    private static Person person(JsonNode node) {
        JsonNode roles = node.get("roles");
        Role role = roles == null || roles.isEmpty() ? Role.OTHER : BundleReader.role(text(roles.get(0), "role"));
        return new Person(
                text(node, "sourcedId"),
                gone(node) || text(node, "enabledUser").equals("false"),
                role,
                text(node, "username"),
                required(node, "givenName"),
                text(node, "familyName"),
                text(node, "preferredFirstName"),
                text(node, "identifier"),
                grade(node),
                node.has("grades") && !node.get("grades").isEmpty());
    }

    private static Place place(JsonNode node) {
        return new Place(
                text(node, "sourcedId"),
                gone(node),
                link(node, "class"),
                link(node, "user"),
                BundleReader.role(text(node, "role")),
                text(node, "primary").equals("true"),
                new Stay(dayOf(node, "beginDate"), dayOf(node, "endDate")));
    }

    private static Optional<LocalDate> dayOf(JsonNode node, String field) {
        String day = text(node, field);
        return day.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(day));
    }

    private static Flag flag(JsonNode node) {
        Map<String, Support> supports = new HashMap<>();
        for (Support each : Support.values()) {
            supports.put(each.name(), each);
        }
        Accommodation granted = new Accommodation(
                supports.get(text(node, "support")),
                Optional.of(text(node, "amount"))
                        .filter(amount -> !amount.isEmpty())
                        .map(BigDecimal::new)
                        .map(BigDecimal::stripTrailingZeros),
                text(node, "detail"),
                Set.of(),
                Set.of(),
                date(node, "from"),
                date(node, "to"));
        if (granted.fault().isPresent()) {
            throw new IllegalArgumentException(granted.fault().get().toString());
        }
        return new Flag(text(node, "sourcedId"), gone(node), link(node, "user"), granted, text(node, "plan"));
    }

    private static Optional<LocalDate> date(JsonNode node, String field) {
        return Optional.of(text(node, field)).filter(text -> !text.isEmpty()).map(LocalDate::parse);
    }
}
