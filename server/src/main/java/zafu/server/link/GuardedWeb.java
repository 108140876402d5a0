package zafu.server.link;

import java.io.IOException;
import java.net.InetAddress;
import java.net.URI;
import java.net.UnknownHostException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.time.Duration;
import java.util.Arrays;
import java.util.Set;

/**
 * The real world outside. A name is looked up first, and asked only if every one of its addresses lies outside; the
 * Java platform remembers what it looked up for some seconds, so the request goes to the addresses that were looked at.
 */
final class GuardedWeb implements Web {
    private static final Duration PATIENCE = Duration.ofSeconds(8);
    private static final Set<Integer> PORTS = Set.of(-1, 80, 443);
    private final HttpClient http = HttpClient.newBuilder()
            .connectTimeout(Duration.ofSeconds(4))
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    @Override
    public Answer ask(URI address) {
        try {
            InetAddress[] found = InetAddress.getAllByName(address.getHost());
            if (!PORTS.contains(address.getPort()) || !Arrays.stream(found).allMatch(AddressGuard::isOutside)) {
                return new Answer.Inside();
            }
            HttpRequest request = HttpRequest.newBuilder(address)
                    .timeout(PATIENCE)
                    .header("User-Agent", "zafu-link-check")
                    .GET()
                    .build();
            HttpResponse<Void> answer = http.send(request, HttpResponse.BodyHandlers.discarding());
            return new Answer.Status(
                    answer.statusCode(), answer.headers().firstValue("Location").orElse(""));
        } catch (UnknownHostException nobody) {
            return new Answer.Nobody();
        } catch (HttpTimeoutException late) {
            return new Answer.TooSlow();
        } catch (IOException | IllegalArgumentException broken) {
            return new Answer.Nobody();
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return new Answer.TooSlow();
        }
    }
}
