package zafu.server.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import zafu.server.link.Web.Answer;

class LinkFollowerTest {
    private final Map<String, Answer> web = new HashMap<>();
    private final LinkFollower follower =
            new LinkFollower(address -> web.getOrDefault(address.toString(), new Answer.Nobody()));

    private static Answer status(int code) {
        return new Answer.Status(code, "");
    }

    private static Answer sendsTo(int code, String location) {
        return new Answer.Status(code, location);
    }

    @ParameterizedTest
    @CsvSource({
        "200, GOOD",
        "204, GOOD",
        "304, GOOD",
        "401, REFUSES",
        "403, REFUSES",
        "429, REFUSES",
        "404, GONE",
        "410, GONE",
        "500, GONE",
        "503, SLOW"
    })
    void anAnswerSaysHowALinkIs(int code, LinkState state) {
        web.put("https://tide.example/", status(code));
        assertThat(follower.follow("https://tide.example/").state()).isEqualTo(state);
    }

    @Test
    void whatMovedForGoodSaysWhereTo() {
        web.put("http://tide.example/old", sendsTo(301, "/new"));
        web.put("http://tide.example/new", sendsTo(308, "https://tide.example/newest"));
        web.put("https://tide.example/newest", status(200));
        LinkFollower.Outcome outcome = follower.follow("http://tide.example/old");
        assertThat(outcome.state()).isEqualTo(LinkState.MOVED);
        assertThat(outcome.movedTo()).isEqualTo("https://tide.example/newest");
    }

    @Test
    void whatIsElsewhereForNowIsGoodWhereItIs() {
        web.put("http://tide.example/", sendsTo(302, "/today"));
        web.put("http://tide.example/today", status(200));
        assertThat(follower.follow("http://tide.example/").state()).isEqualTo(LinkState.GOOD);
    }

    @Test
    void aCircleAndAWayOutOfTheWebEndNowhere() {
        web.put("http://tide.example/", sendsTo(302, "/"));
        assertThat(follower.follow("http://tide.example/").state()).isEqualTo(LinkState.GONE);
        web.put("http://tide.example/file", sendsTo(302, "file:///etc/passwd"));
        assertThat(follower.follow("http://tide.example/file").state()).isEqualTo(LinkState.GONE);
        assertThat(follower.follow("not an address").state()).isEqualTo(LinkState.GONE);
    }

    @Test
    void aRedirectInsideIsNotFollowed() {
        web.put("http://tide.example/", sendsTo(302, "http://10.0.0.1/admin"));
        web.put("http://10.0.0.1/admin", new Answer.Inside());
        assertThat(follower.follow("http://tide.example/").state()).isEqualTo(LinkState.INSIDE);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "127.0.0.1",
                "10.1.2.3",
                "172.16.0.1",
                "172.31.255.255",
                "192.168.1.1",
                "169.254.169.254",
                "0.0.0.0",
                "100.64.0.1",
                "198.18.0.1",
                "224.0.0.1",
                "255.255.255.255",
                "::1",
                "::",
                "fe80::1",
                "fc00::1",
                "fd12::1",
                "::ffff:127.0.0.1",
                "64:ff9b::7f00:1",
                "2002:7f00:1::",
                "ff02::1"
            })
    void anAddressOfANetworkOfOnesOwnIsInside(String address) throws UnknownHostException {
        assertThat(AddressGuard.isOutside(InetAddress.getByName(address))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"192.0.2.1", "100.128.0.1", "172.32.0.1", "11.0.0.1", "2001:db8::1"})
    void anAddressOfTheWorldIsOutside(String address) throws UnknownHostException {
        assertThat(AddressGuard.isOutside(InetAddress.getByName(address))).isTrue();
    }

    @ParameterizedTest
    @ValueSource(strings = {"http://localhost/", "http://127.0.0.1/", "http://[::1]/", "http://0x7f000001/"})
    void theRealWayOutNeverAsksInside(String address) {
        assertThat(new GuardedWeb().ask(URI.create(address))).isNotInstanceOf(Answer.Status.class);
    }
}
