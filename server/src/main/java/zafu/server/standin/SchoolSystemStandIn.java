package zafu.server.standin;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A made-up school's information system on a port of its own: OneRoster 1.2 reads plus flags of plans and
 * accommodations. {@code POST /mood} with {@code fine}, {@code slow}, {@code down}, {@code rubbish} or {@code changed}
 * makes it behave so.
 */
@Component
@ConditionalOnProperty("zafu.demo")
public class SchoolSystemStandIn {
    public static final String TOKEN = "quillmere-demo-token";
    private static final JsonMapper JSON = new JsonMapper();
    private static final String ROSTERING = "/ims/oneroster/rostering/v1p2/";
    private static final long SLOW_MS = 12_000;
    private final HttpServer server;
    private final ExecutorService workers = Executors.newCachedThreadPool(task -> {
        Thread thread = new Thread(task, "school-system");
        thread.setDaemon(true);
        return thread;
    });
    private final JsonNode data;
    private volatile Mood mood = Mood.FINE;

    /** How the stand-in behaves. */
    public enum Mood {
        FINE,
        SLOW,
        DOWN,
        RUBBISH,
        /** A student is new, one is gone, one has another name, one need has changed. */
        CHANGED
    }

    SchoolSystemStandIn() throws IOException {
        try (InputStream in = SchoolSystemStandIn.class.getResourceAsStream("/demo/school-system.json")) {
            data = JSON.readTree(in);
        }
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
        server.createContext("/", this::answer);
        server.setExecutor(workers);
        server.start();
    }

    public String address() {
        return "http://localhost:" + server.getAddress().getPort();
    }

    public void behave(Mood wanted) {
        mood = wanted;
    }

    @PreDestroy
    void stop() {
        server.stop(0);
        workers.shutdownNow();
    }

    private void answer(HttpExchange exchange) throws IOException {
        try (exchange) {
            String path = exchange.getRequestURI().getPath();
            if (path.equals("/mood")) {
                setMood(exchange);
            } else if (mood == Mood.DOWN) {
                send(exchange, 503, "<h1>Down for maintenance</h1>");
            } else if (!("Bearer " + TOKEN).equals(exchange.getRequestHeaders().getFirst("Authorization"))) {
                send(exchange, 401, "{}");
            } else {
                if (mood == Mood.SLOW) {
                    Thread.sleep(SLOW_MS);
                }
                list(exchange, path);
            }
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
        }
    }

    private void setMood(HttpExchange exchange) throws IOException {
        String wanted = new String(exchange.getRequestBody().readAllBytes(), StandardCharsets.UTF_8).strip();
        boolean known =
                Arrays.stream(Mood.values()).anyMatch(each -> each.name().equalsIgnoreCase(wanted));
        if (known) {
            mood = Mood.valueOf(wanted.toUpperCase(Locale.ROOT));
        }
        send(exchange, known ? 200 : 400, "{\"mood\":\"" + mood.name().toLowerCase(Locale.ROOT) + "\"}");
    }

    private void list(HttpExchange exchange, String path) throws IOException {
        String what = path.startsWith(ROSTERING)
                ? path.substring(ROSTERING.length())
                : path.equals("/zafu/flags") ? "flags" : "";
        JsonNode source = mood == Mood.CHANGED && data.get("changed").has(what)
                ? data.get("changed").get(what)
                : data.get(what);
        if (source == null) {
            send(exchange, 404, "{}");
        } else if (mood == Mood.RUBBISH) {
            send(exchange, 200, "{\"" + what + "\": \"<blink>not today</blink>\"");
        } else {
            send(exchange, 200, JSON.writeValueAsString(page(what, source, query(exchange))));
        }
    }

    private static Map<String, Integer> query(HttpExchange exchange) {
        Map<String, Integer> found = new LinkedHashMap<>();
        String query = exchange.getRequestURI().getQuery();
        for (String part : (query == null ? "" : query).split("&")) {
            String[] sides = part.split("=", 2);
            if (sides.length == 2 && sides[1].matches("\\d{1,6}")) {
                found.put(sides[0], Integer.parseInt(sides[1]));
            }
        }
        return found;
    }

    private static ObjectNode page(String what, JsonNode source, Map<String, Integer> query) {
        int offset = query.getOrDefault("offset", 0);
        int limit = query.getOrDefault("limit", 100);
        ArrayNode page = JSON.createArrayNode();
        for (int i = offset; i < Math.min(source.size(), offset + limit); i++) {
            page.add(source.get(i));
        }
        ObjectNode answer = JSON.createObjectNode();
        answer.set(what, page);
        return answer;
    }

    private static void send(HttpExchange exchange, int status, String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().add("Content-Type", "application/json");
        try (OutputStream body = exchange.getResponseBody()) {
            exchange.sendResponseHeaders(status, bytes.length);
            body.write(bytes);
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }
}
