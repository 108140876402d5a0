package zafu.server.platform;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.List;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.RemoteIpValve;
import org.apache.catalina.valves.ValveBase;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Who is believed about who asks. */
class NamedProxiesTest {
    /** What stands behind the valve notes how the request looks there. */
    private static final class Behind extends ValveBase {
        private boolean secure;
        private String from = "";

        @Override
        public void invoke(Request request, Response response) {
            secure = request.isSecure();
            from = request.getRemoteAddr();
        }
    }

    @ParameterizedTest
    @CsvSource({
        "10.0.0.5, 10.0.0.5, true, 203.0.113.7",
        "10.0.0.6, 10.0.0.5, false, 10.0.0.6",
        "10.0.0.5, 10.0.0.50, false, 10.0.0.5",
        "192.168.1.9, 10.0.0.5, false, 192.168.1.9",
        "127.0.0.1, 10.0.0.5, false, 127.0.0.1"
    })
    void onlyANamedProxyIsBelieved(String asks, String named, boolean secure, String from)
            throws IOException, ServletException {
        RemoteIpValve valve = new NamedProxies(List.of(named)).valve();
        Behind behind = new Behind();
        valve.setNext(behind);
        org.apache.coyote.Request coyote = new org.apache.coyote.Request();
        coyote.getMimeHeaders().addValue("X-Forwarded-For").setString("203.0.113.7");
        coyote.getMimeHeaders().addValue("X-Forwarded-Proto").setString("https");
        Request request = new Request(new Connector(), coyote);
        request.setRemoteAddr(asks);
        valve.invoke(request, null);
        assertThat(behind.secure).isEqualTo(secure);
        assertThat(behind.from).isEqualTo(from);
    }
}
