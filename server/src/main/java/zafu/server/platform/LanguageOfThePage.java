package zafu.server.platform;

import java.util.Locale;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.LocaleResolver;
import org.springframework.web.servlet.i18n.AcceptHeaderLocaleResolver;
import org.springframework.web.servlet.i18n.CookieLocaleResolver;

/**
 * In which language {@link Words} answers a request: the one that the page speaks, which it keeps in a cookie so that
 * files that are opened come in it too; else the one that the browser, or another program, asks for.
 */
@Configuration
class LanguageOfThePage {
    static final String COOKIE = "zafu-language";

    @Bean
    LocaleResolver localeResolver() {
        AcceptHeaderLocaleResolver asked = new AcceptHeaderLocaleResolver();
        asked.setSupportedLocales(
                SpokenLanguage.TO_STUDENTS.stream().map(Locale::forLanguageTag).toList());
        asked.setDefaultLocale(Locale.ENGLISH);
        CookieLocaleResolver spoken = new CookieLocaleResolver(COOKIE);
        spoken.setRejectInvalidCookies(false);
        spoken.setDefaultLocaleFunction(asked::resolveLocale);
        return spoken;
    }
}
