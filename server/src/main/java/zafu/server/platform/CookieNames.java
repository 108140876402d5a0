package zafu.server.platform;

import jakarta.servlet.http.HttpServletRequest;

/** What cookies are called. */
public final class CookieNames {
    private CookieNames() {}

    /** With a beginning by which browsers take it only over TLS, from this very host, for all of it. */
    public static String overTls(String name) {
        return "__Host-" + name;
    }

    public static String of(String name, HttpServletRequest request) {
        return request.isSecure() ? overTls(name) : name;
    }
}
