package zafu.server.platform;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.web.util.WebUtils;

/** Cookies that no script reads and no other site sends. */
public final class OwnCookies {
    /** Until the browser is closed. */
    public static final Duration WHILE_OPEN = Duration.ofSeconds(-1);

    private OwnCookies() {}

    /** With a beginning by which browsers take it only over TLS, from this very host, for all of it. */
    public static String overTls(String name) {
        return "__Host-" + name;
    }

    public static Optional<String> read(String name, HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, nameFor(name, request)))
                .map(Cookie::getValue);
    }

    public static void give(
            String name, String value, Duration lasts, HttpServletRequest request, HttpServletResponse response) {
        ResponseCookie cookie = ResponseCookie.from(nameFor(name, request), value)
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Strict")
                .path("/")
                .maxAge(lasts)
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    }

    private static String nameFor(String name, HttpServletRequest request) {
        return request.isSecure() ? overTls(name) : name;
    }
}
