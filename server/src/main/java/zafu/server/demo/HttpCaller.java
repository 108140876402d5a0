package zafu.server.demo;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** One person at a browser of their own, speaking Zafu's HTTP as the front end does: session cookie, CSRF and all. */
public final class HttpCaller {
    private static final JsonMapper JSON = new JsonMapper();
    private static final String BOUNDARY = "zafu-part-7f3a91";
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final URI base;
    private boolean sendsToken = true;
    private @Nullable String workKey;
    private @Nullable String effort;

    public HttpCaller(int port) {
        base = URI.create("http://localhost:" + port);
    }

    /** A status and a body, which is null where there is none or where it is not JSON. */
    public record Answer(int status, @Nullable JsonNode body, String text) {
        /** An answer that must have worked, with or without a body. */
        public Answer done() {
            if (status / 100 != 2) {
                throw new IllegalStateException("answered " + status + ": " + text);
            }
            return this;
        }

        /** The body of an answer that must have worked. */
        public JsonNode ok() {
            if (status / 100 != 2 || body == null) {
                throw new IllegalStateException("answered " + status + ": " + text);
            }
            return body;
        }
    }

    /** The page speaks this language from now on, and the server with it. */
    public HttpCaller speaking(String language) {
        HttpCookie spoken = new HttpCookie("zafu-language", language);
        spoken.setPath("/");
        spoken.setVersion(0);
        cookies.getCookieStore().add(base, spoken);
        return this;
    }

    public Answer get(String path) {
        return send("GET", path, BodyPublishers.noBody(), null);
    }

    /** A file as it comes. */
    public HttpResponse<byte[]> getBytes(String path) {
        HttpRequest request = HttpRequest.newBuilder(base.resolve(path)).build();
        try {
            return client.send(request, HttpResponse.BodyHandlers.ofByteArray());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    public Answer post(String path, @Nullable Object body) {
        return sendJson("POST", path, body);
    }

    public Answer put(String path, Object body) {
        return sendJson("PUT", path, body);
    }

    public Answer call(String method, String path, @Nullable Object body) {
        return sendJson(method, path, body);
    }

    /** The same session, asked from a page that does not know the CSRF token. */
    public HttpCaller withoutToken() {
        sendsToken = false;
        return this;
    }

    /** From now on requests name their work by this key, so that another caller can follow and stop it. */
    public HttpCaller withWorkKey(String key) {
        workKey = key;
        return this;
    }

    /** Shows this effort with every request from now on. */
    public HttpCaller showing(String done) {
        effort = done;
        return this;
    }

    public HttpCaller signInAdult(String name, String password) {
        post("/api/sign-in/adult", Map.of("name", name, "password", password)).ok();
        return this;
    }

    public HttpCaller signInStudent(String code) {
        post("/api/sign-in/student", Map.of("code", code)).ok();
        return this;
    }

    /** Sends a file alone. */
    public Answer uploadFile(String path, byte[] file, String name) {
        BodyPublisher parts = BodyPublishers.concat(
                BodyPublishers.ofString(fileHead(name)),
                BodyPublishers.ofByteArray(file),
                BodyPublishers.ofString("\r\n--" + BOUNDARY + "--\r\n"));
        return send("POST", path, parts, "multipart/form-data; boundary=" + BOUNDARY);
    }

    private static String fileHead(String name) {
        return "--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name + "\"\r\n"
                + "Content-Type: application/octet-stream\r\n\r\n";
    }

    /** Sends a file and a JSON part named {@code wanted}. */
    public Answer upload(String path, byte[] file, Object wanted) {
        return upload(path, file, "list.csv", wanted);
    }

    /** As {@link #upload(String, byte[], Object)}, with the name of the file. */
    public Answer upload(String path, byte[] file, String name, Object wanted) {
        String head = fileHead(name);
        String tail = "\r\n--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"wanted\"\r\n"
                + "Content-Type: application/json\r\n\r\n" + JSON.writeValueAsString(wanted) + "\r\n--" + BOUNDARY
                + "--\r\n";
        BodyPublisher parts = BodyPublishers.concat(
                BodyPublishers.ofString(head), BodyPublishers.ofByteArray(file), BodyPublishers.ofString(tail));
        return send("POST", path, parts, "multipart/form-data; boundary=" + BOUNDARY);
    }

    private Answer sendJson(String method, String path, @Nullable Object body) {
        BodyPublisher publisher = body == null
                ? BodyPublishers.noBody()
                : BodyPublishers.ofString(JSON.writeValueAsString(body), StandardCharsets.UTF_8);
        return send(method, path, publisher, "application/json");
    }

    private Answer send(String method, String path, BodyPublisher body, @Nullable String type) {
        HttpRequest.Builder request = HttpRequest.newBuilder(base.resolve(path)).method(method, body);
        if (type != null) {
            request.header("Content-Type", type);
        }
        if (workKey != null) {
            request.header("Work-Key", workKey);
        }
        if (effort != null) {
            request.header("X-Zafu-Effort", effort);
        }
        if (sendsToken && !method.equals("GET")) {
            request.header("X-XSRF-TOKEN", csrfToken());
        }
        try {
            HttpResponse<String> response = client.send(request.build(), HttpResponse.BodyHandlers.ofString());
            return new Answer(response.statusCode(), json(response), response.body());
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(interrupted);
        }
    }

    private static @Nullable JsonNode json(HttpResponse<String> response) {
        boolean isJson = response.headers()
                .firstValue("Content-Type")
                .filter(type -> type.contains("json"))
                .isPresent();
        return isJson && !response.body().isEmpty() ? JSON.readTree(response.body()) : null;
    }

    /** The cookies of this session as a browser would send them. */
    public String cookieHeader() {
        return cookies.getCookieStore().getCookies().stream()
                .map(cookie -> cookie.getName() + "=" + cookie.getValue())
                .collect(Collectors.joining("; "));
    }

    /** The token that every change must carry. */
    public String csrfToken() {
        if (findToken() == null) {
            get("/api/session");
        }
        String token = findToken();
        return token == null ? "" : token;
    }

    private @Nullable String findToken() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElse(null);
    }
}
