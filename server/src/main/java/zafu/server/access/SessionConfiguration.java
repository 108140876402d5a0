package zafu.server.access;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.jdbc.config.annotation.web.http.EnableJdbcHttpSession;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/** Who is signed in is kept in the database, under a cookie that no script reads and no other site sends. */
@Configuration
@EnableJdbcHttpSession(maxInactiveIntervalInSeconds = SessionConfiguration.EIGHT_HOURS)
class SessionConfiguration {
    static final int EIGHT_HOURS = 8 * 60 * 60;

    @Bean
    CookieSerializer sessionCookie() {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName("zafu_session");
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Strict");
        return cookie;
    }
}
