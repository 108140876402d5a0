package zafu.server.library;

import java.util.Collection;
import java.util.Locale;
import zafu.server.platform.SpokenLanguage;

/** Whether a language tag is what a person called by its name. */
final class LanguageName {
    private LanguageName() {}

    /** @param names tags, or names in English or in the language itself, whatever their case */
    static boolean isAmong(String tag, Collection<String> names) {
        return names.stream().anyMatch(name -> isCalled(Locale.forLanguageTag(tag), name.strip()));
    }

    private static boolean isCalled(Locale locale, String name) {
        Locale language = Locale.forLanguageTag(locale.getLanguage());
        return locale.toLanguageTag().equalsIgnoreCase(name)
                || language.toLanguageTag().equalsIgnoreCase(name)
                || SpokenLanguage.isNameOf(language, name);
    }
}
