package zafu.server.oneroster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.core.need.Support;
import zafu.server.oneroster.RosterBundle.Role;

/** The school's information system over HTTP, as good and as bad ones answer. */
class SystemClientTest {
    private static final String CLASS = "{\"sourcedId\":\"c1\",\"title\":\"5 Heron\",\"grades\":[\"05\"]}";
    private static final String STUDENT = "{\"sourcedId\":\"u1\",\"givenName\":\"Umi\",\"familyName\":\"Ilves\","
            + "\"identifier\":2121,\"grades\":[\"05\"],\"roles\":[{\"role\":\"student\"}]}";
    private final Map<String, String> lists = new HashMap<>();
    private final List<String> asked = new ArrayList<>();
    private int status = 200;
    private HttpServer server;

    @BeforeEach
    void start() throws IOException {
        lists.put("academicSessions", "");
        lists.put("classes", CLASS);
        lists.put("users", STUDENT);
        lists.put("enrollments", "");
        lists.put("flags", "");
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", exchange -> {
            String path = exchange.getRequestURI().getPath();
            String what = path.substring(path.lastIndexOf('/') + 1);
            asked.add(what + "?" + exchange.getRequestURI().getQuery() + " "
                    + exchange.getRequestHeaders().getFirst("Authorization"));
            byte[] body = answer(what, exchange.getRequestURI().getQuery()).getBytes(StandardCharsets.UTF_8);
            int code = lists.get(what) == null ? 404 : status;
            exchange.sendResponseHeaders(code, body.length == 0 ? -1 : body.length);
            exchange.getResponseBody().write(body);
            exchange.close();
        });
        server.start();
    }

    @AfterEach
    void stop() {
        server.stop(0);
    }

    private String answer(String what, String query) {
        String list = lists.get(what);
        if (list == null) {
            return "";
        }
        boolean first = query.contains("offset=0");
        return list.startsWith("raw:") ? list.substring(4) : "{\"" + what + "\":[" + (first ? list : "") + "]}";
    }

    private RosterBundle fetch() {
        return new SystemClient("http://localhost:" + server.getAddress().getPort(), "secret").fetch();
    }

    @Test
    void everyListIsAskedForWithTheTokenAndALimit() {
        fetch();
        assertThat(asked)
                .hasSize(5)
                .allSatisfy(request -> assertThat(request).contains("limit=200").endsWith("Bearer secret"));
    }

    @Test
    void peopleClassesAndPlacesAreRead() {
        lists.put(
                "enrollments",
                "{\"sourcedId\":\"e1\",\"class\":{\"sourcedId\":\"c1\"},\"user\":{\"sourcedId\":\"u1\"},"
                        + "\"role\":\"student\"}");
        RosterBundle bundle = fetch();
        assertThat(bundle.people().get(0).fullName()).isEqualTo("Umi Ilves");
        assertThat(bundle.people().get(0).number()).isEqualTo("2121");
        assertThat(bundle.people().get(0).role()).isEqualTo(Role.STUDENT);
        assertThat(bundle.classes().get(0).grade()).isEqualTo(5);
        assertThat(bundle.enrolments().get(0).personId()).isEqualTo("u1");
        assertThat(bundle.problems()).isEmpty();
    }

    @Test
    void listsLongerThanAPageAreAskedForUntilTheyEnd() {
        String many = IntStream.range(0, 200)
                .mapToObj(i -> "{\"sourcedId\":\"u" + i + "\",\"givenName\":\"G\",\"familyName\":\"F\"}")
                .collect(Collectors.joining(","));
        lists.put("users", many);
        assertThat(fetch().people()).hasSize(200);
        assertThat(asked.stream().filter(request -> request.startsWith("users")))
                .hasSize(2);
    }

    @Test
    void entriesThatCannotBeReadAreNamedAndTheOthersKept() {
        lists.put(
                "users",
                STUDENT + "," + STUDENT
                        + ",{\"givenName\":\"No id\"},{\"sourcedId\":\"u3\",\"familyName\":\"Nameless\"}");
        RosterBundle bundle = fetch();
        assertThat(bundle.people()).hasSize(1);
        assertThat(bundle.problems())
                .containsExactly(
                        "users: an entry has no id, or the id \"u1\" of another.",
                        "users: an entry has no id, or the id \"\" of another.",
                        "users: \"u3\" cannot be read.");
    }

    @Test
    void flagsAreAccommodationsAndWrongOnesAreNamed() {
        lists.put(
                "flags",
                "{\"sourcedId\":\"f1\",\"user\":{\"sourcedId\":\"u1\"},\"support\":\"EXTENDED_TIME\",\"amount\":\"1.50\","
                        + "\"from\":\"2026-09-08\",\"to\":\"2027-06-30\",\"plan\":\"Learning plan\"},"
                        + "{\"sourcedId\":\"f2\",\"user\":{\"sourcedId\":\"u1\"},\"support\":\"EXTENDED_TIME\",\"amount\":\"9\"},"
                        + "{\"sourcedId\":\"f3\",\"user\":{\"sourcedId\":\"u1\"},\"support\":\"JUGGLING\"}");
        RosterBundle bundle = fetch();
        assertThat(bundle.flags()).hasSize(1);
        assertThat(bundle.flags().get(0).accommodation().support()).isEqualTo(Support.EXTENDED_TIME);
        assertThat(bundle.flags().get(0).accommodation().amount().orElseThrow().toPlainString())
                .isEqualTo("1.5");
        assertThat(bundle.flags().get(0).source()).isEqualTo("Learning plan");
        assertThat(bundle.problems()).containsExactly("flags: \"f2\" cannot be read.", "flags: \"f3\" cannot be read.");
    }

    @Test
    void aSystemThatKnowsNothingOfFlagsHasNone() {
        lists.put("flags", null);
        assertThat(fetch().flags()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "401, The school's system does not accept our token.",
        "403, The school's system does not accept our token.",
        "500, The school's system answered with error 500.",
        "302, The school's system answered with error 302."
    })
    void everyOtherStatusIsSaid(int answered, String sentence) {
        status = answered;
        assertThatThrownBy(this::fetch).hasMessage(sentence + " Nothing was changed.");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "raw:",
                "raw:<html>",
                "raw:[]",
                "raw:{\"users\":",
                "raw:{\"users\":{}}",
                "raw:{\"people\":[]}",
                "raw:null"
            })
    void whatIsNoListIsRubbish(String body) {
        lists.put("users", body);
        assertThatThrownBy(this::fetch)
                .hasMessage(
                        "The school's system answered with something that is no list of users. Nothing was changed.");
    }

    @ParameterizedTest
    @ValueSource(strings = {"users", "classes"})
    void aSchoolWithoutPeopleOrClassesIsNotBelieved(String empty) {
        lists.put(empty, "");
        assertThatThrownBy(this::fetch)
                .hasMessage("The school's system sent no people or no classes. Nothing was changed.");
    }

    @Test
    void whoIsDeletedOrDisabledIsGone() {
        lists.put(
                "users",
                STUDENT.replace("\"sourcedId\":\"u1\"", "\"sourcedId\":\"u1\",\"status\":\"tobedeleted\"") + ","
                        + STUDENT.replace("\"sourcedId\":\"u1\"", "\"sourcedId\":\"u2\",\"enabledUser\":\"false\"")
                        + ","
                        + STUDENT.replace("\"sourcedId\":\"u1\"", "\"sourcedId\":\"u3\",\"enabledUser\":\"true\""));
        assertThat(fetch().people()).extracting(RosterBundle.Person::gone).containsExactly(true, true, false);
    }

    @Test
    void anAddressWhereNobodyAnswersIsSaid() {
        assertThatThrownBy(() -> new SystemClient("http://localhost:1", "x").fetch())
                .hasMessage("The school's system does not answer at its address. Nothing was changed.");
    }
}
