package zafu.core.marking;

import java.text.Normalizer;
import java.util.Collection;
import java.util.Locale;

/** Whether typed words equal an accepted form, whatever the case, the spacing, a closing full stop or the way an accent is encoded. */
public final class AcceptedForms {
    private AcceptedForms() {}

    public static boolean accept(Collection<String> forms, String typed) {
        return forms.stream().anyMatch(form -> plain(form).equals(plain(typed)));
    }

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFC)
                .replace('’', '\'')
                .strip()
                .replaceAll("\\s+", " ")
                .replaceAll("\\s*\\.$", "")
                .toLowerCase(Locale.ROOT);
    }
}
