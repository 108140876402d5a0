package zafu.server.platform;

import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/**
 * Believes what a proxy says of a request, who asks and whether over TLS, if the proxy is named in {@code zafu.proxies}.
 * Where none is named nobody is believed: anybody can write such a header.
 */
@Component
class NamedProxies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final List<String> proxies;

    /** @param proxies addresses such as 10.0.0.5, with commas between them */
    NamedProxies(@Value("${zafu.proxies:}") List<String> proxies) {
        this.proxies = proxies;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (!proxies.isEmpty()) {
            factory.addEngineValves(valve());
        }
    }

    RemoteIpValve valve() {
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(
                proxies.stream().map(String::strip).map(Pattern::quote).collect(Collectors.joining("|")));
        valve.setTrustedProxies(null);
        valve.setRemoteIpHeader("X-Forwarded-For");
        valve.setProtocolHeader("X-Forwarded-Proto");
        valve.setHostHeader("X-Forwarded-Host");
        valve.setPortHeader("X-Forwarded-Port");
        return valve;
    }
}
