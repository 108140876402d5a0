package zafu.server.link;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;

/** Hosts that answer drop by drop hold nobody up. */
@Timeout(60)
class GuardedWebTest {
    private final GuardedWeb web = new GuardedWeb(address -> true, port -> true, Duration.ofSeconds(2));
    private ServerSocket host;

    @BeforeEach
    void listen() throws IOException {
        host = new ServerSocket(0, 10, InetAddress.getLoopbackAddress());
    }

    @AfterEach
    void stop() throws IOException {
        host.close();
    }

    private void answersWith(String head, String drop) {
        Thread thread = new Thread(() -> {
            while (!host.isClosed()) {
                try (Socket asked = host.accept()) {
                    OutputStream out = asked.getOutputStream();
                    out.write(head.getBytes(StandardCharsets.ISO_8859_1));
                    out.flush();
                    for (; ; ) {
                        out.write(drop.getBytes(StandardCharsets.ISO_8859_1));
                        out.flush();
                        Thread.sleep(100);
                    }
                } catch (IOException | InterruptedException left) {
                    // The next one may ask.
                }
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    private Web.Answer ask() {
        return web.ask(URI.create("http://localhost:" + host.getLocalPort() + "/"));
    }

    @Test
    void aBodyWithoutAnEndIsNotWaitedFor() {
        answersWith("HTTP/1.1 200 OK\r\nContent-Type: video/mp4\r\nContent-Length: 9999999999\r\n\r\n", "x");
        assertThat(ask()).isEqualTo(new Web.Answer.Status(200, ""));
    }

    @Test
    void aHeadWithoutAnEndIsTooSlow() {
        answersWith("HTTP/1.1 200 OK\r\n", "X-More: and more\r\n");
        assertThat(ask()).isInstanceOf(Web.Answer.TooSlow.class);
    }

    @Test
    void whoSaysNothingAtAllIsTooSlow() {
        assertThat(ask()).isInstanceOf(Web.Answer.TooSlow.class);
    }
}
