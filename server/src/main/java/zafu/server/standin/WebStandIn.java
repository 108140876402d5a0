package zafu.server.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/**
 * A small web of made-up pages on a port of its own. The path says how a page behaves: below {@code /gone/},
 * {@code /slow/}, {@code /refuses/} and {@code /moved/} as the word says, elsewhere well.
 */
@Component
@ConditionalOnProperty("zafu.demo")
public class WebStandIn {
    private static final long SLOW_MS = 30_000;
    private final HttpServer server;
    private final ExecutorService workers = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "web-stand-in");
        thread.setDaemon(true);
        return thread;
    });

    WebStandIn() throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", this::answer);
        server.setExecutor(workers);
        server.start();
    }

    public int port() {
        return server.getAddress().getPort();
    }

    @PreDestroy
    void stop() {
        server.stop(0);
        workers.shutdownNow();
    }

    private void answer(HttpExchange exchange) throws IOException {
        try (exchange) {
            String path = exchange.getRequestURI().getPath();
            if (path.startsWith("/gone/")) {
                send(exchange, 404, "There is nothing here.");
            } else if (path.startsWith("/refuses/")) {
                send(exchange, 403, "Members only.");
            } else if (path.startsWith("/moved/")) {
                exchange.getResponseHeaders().set("Location", path.replace("/moved/", "/pages/"));
                send(exchange, 301, "");
            } else if (path.startsWith("/slow/")) {
                waitLong();
                send(exchange, 200, "At last.");
            } else {
                send(exchange, 200, "<h1>A made-up page</h1>");
            }
        }
    }

    private static void waitLong() {
        try {
            Thread.sleep(SLOW_MS);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    private static void send(HttpExchange exchange, int status, String body) throws IOException {
        byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
        exchange.sendResponseHeaders(status, bytes.length == 0 ? -1 : bytes.length);
        if (bytes.length > 0) {
            try (OutputStream out = exchange.getResponseBody()) {
                out.write(bytes);
            }
        }
    }
}
