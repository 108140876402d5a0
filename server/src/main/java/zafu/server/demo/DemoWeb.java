package zafu.server.demo;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.time.Duration;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import zafu.server.link.Web;
import zafu.server.standin.WebStandIn;

/** In the demo, hosts that end in {@code .example} are the web stand-in; nobody else is there. */
@Component
@ConditionalOnProperty("zafu.demo")
class DemoWeb implements Web {
    private static final Duration PATIENCE = Duration.ofSeconds(2);
    private final WebStandIn standIn;
    private final HttpClient http = HttpClient.newHttpClient();

    DemoWeb(WebStandIn standIn) {
        this.standIn = standIn;
    }

    @Override
    public Answer ask(URI address) {
        if (address.getHost() == null || !address.getHost().endsWith(".example")) {
            return new Answer.Nobody();
        }
        URI there = URI.create("http://localhost:" + standIn.port() + address.getRawPath());
        try {
            HttpResponse<Void> answer = http.send(
                    HttpRequest.newBuilder(there).timeout(PATIENCE).build(), HttpResponse.BodyHandlers.discarding());
            return new Answer.Status(
                    answer.statusCode(), answer.headers().firstValue("Location").orElse(""));
        } catch (HttpTimeoutException late) {
            return new Answer.TooSlow();
        } catch (IOException broken) {
            return new Answer.Nobody();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return new Answer.TooSlow();
        }
    }
}
