package zafu.server.students;

import java.text.CollationKey;
import java.text.Collator;
import java.util.Comparator;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;

/**
 * Texts as a person looks them up in a list: diacritics beside their letters, capitals beside small ones. What a text
 * is compared by costs more to work out than a whole sort, and the same names are sorted all day long, so it is kept.
 */
final class AlphabetOrder implements Comparator<String> {
    private static final int KEPT = 50_000;
    private static final Map<String, CollationKey> KEYS = new ConcurrentHashMap<>();
    private final Collator words = Collator.getInstance(Locale.ENGLISH);

    AlphabetOrder() {
        words.setStrength(Collator.SECONDARY);
    }

    @Override
    public int compare(String one, String other) {
        return keyOf(one).compareTo(keyOf(other));
    }

    private CollationKey keyOf(String text) {
        if (KEYS.size() > KEPT) {
            KEYS.clear();
        }
        return KEYS.computeIfAbsent(text, words::getCollationKey);
    }
}
