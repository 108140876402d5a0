package zafu.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import zafu.server.platform.OwnCookies;

/** Who is signed in is kept in the database, under a cookie that no script reads and no other site sends. */
@Configuration
@EnableJdbcHttpSession(maxInactiveIntervalInSeconds = SessionConfiguration.EIGHT_HOURS)
class SessionConfiguration {
    static final int EIGHT_HOURS = 8 * 60 * 60;
    private static final String NAME = "zafu_session";

    @Bean
    CookieSerializer sessionCookie() {
        return new ByWayOfCookie(named(NAME), named(OwnCookies.overTls(NAME)));
    }

    private static DefaultCookieSerializer named(String name) {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName(name);
        cookie.setCookiePath("/");
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Strict");
        return cookie;
    }

    /** Over TLS the cookie has a name that a browser takes from this very host alone. */
    private record ByWayOfCookie(CookieSerializer plain, CookieSerializer overTls) implements CookieSerializer {
        @Override
        public void writeCookieValue(CookieValue value) {
            of(value.getRequest()).writeCookieValue(value);
        }

        @Override
        public List<String> readCookieValues(HttpServletRequest request) {
            return of(request).readCookieValues(request);
        }

        private CookieSerializer of(HttpServletRequest request) {
            return request.isSecure() ? overTls : plain;
        }
    }
}
