package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import zafu.server.roster.StudentFacts;

/** What differs between two states of a student, in words. */
final class FactWords {
    private FactWords() {}

    static String difference(StudentFacts before, StudentFacts after) {
        List<String> words = new ArrayList<>();
        add(words, inWords("oneroster.given-name"), before.givenName(), after.givenName());
        add(words, inWords("oneroster.family-name"), before.familyName(), after.familyName());
        add(words, inWords("oneroster.preferred-name"), before.preferredName(), after.preferredName());
        add(words, inWords("oneroster.grade-2"), before.grade(), after.grade());
        add(words, inWords("oneroster.home-class"), before.homeClass(), after.homeClass());
        add(words, inWords("oneroster.number"), before.studentNumber(), after.studentNumber());
        return String.join(", ", words);
    }

    private static void add(List<String> words, String what, Object before, Object after) {
        if (!Objects.equals(before, after)) {
            words.add(what + " " + (before.equals("") ? "" : before + " → ") + after);
        }
    }
}
