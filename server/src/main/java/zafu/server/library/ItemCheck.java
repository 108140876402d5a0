package zafu.server.library;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.server.access.ClassPermission;
import zafu.server.library.LibraryApi.ItemEdit;
import zafu.server.library.LibraryApi.QuestionShown;
import zafu.server.library.LibraryApi.SkillUse;
import zafu.server.measure.Measures;
import zafu.server.platform.Refusal;
import zafu.server.platform.WebAddress;
import zafu.server.skill.Skills;

/** Whether an item can be kept as it is wanted; if not, one sentence says why. */
@Component
class ItemCheck {
    private final Measures measures;
    private final Skills skills;
    private final LibraryFiles files;
    private final LibraryItemRepository items;
    private final ItemAccess access;
    private final ClassPermission permission;

    ItemCheck(
            Measures measures,
            Skills skills,
            LibraryFiles files,
            LibraryItemRepository items,
            ItemAccess access,
            ClassPermission permission) {
        this.access = access;
        this.items = items;
        this.measures = measures;
        this.skills = skills;
        this.files = files;
        this.permission = permission;
    }

    void requireUsable(ItemEdit wanted) {
        requireContent(wanted);
        requireLevel(wanted);
        requireInOrder(
                wanted.gradeLow(), wanted.gradeHigh(), "gradeLow", inWords("library.the-lowest-grade-lies-above-the"));
        requireSkills(wanted);
        if (wanted.visibility() == Visibility.CLASS) {
            if (wanted.classId() == null) {
                throw Refusal.unusableField("no-class", "classId", inWords("library.which-class-is-it-for"));
            }
            permission.requireSee(wanted.classId());
        }
        if (wanted.language() != null && !isLanguage(wanted.language())) {
            throw Refusal.unusableField(
                    "language-unknown",
                    "language",
                    inWords("library.is-no-language-tag-such-as-en-or", "language", wanted.language()));
        }
    }

    /** Of the same text in one language there is one. */
    void requireOtherLanguage(@Nullable Long itemId, ItemEdit wanted) {
        if (wanted.sameAs() == null) {
            return;
        }
        LibraryItem same = items.findById(wanted.sameAs())
                .filter(each -> each.deletedAt == null && access.maySee(each))
                .orElseThrow(() -> Refusal.notFound("item"));
        if (wanted.sameAs().equals(itemId) || sameLanguage(same.language, wanted.language())) {
            throw Refusal.unusableField(
                    "same-language",
                    "sameAs",
                    inWords("library.is-in-the-same-language-the-same", "title", same.title));
        }
    }

    private static boolean sameLanguage(String one, @Nullable String other) {
        String tag = other == null ? "en" : other.strip();
        return Locale.forLanguageTag(one)
                .getLanguage()
                .equals(Locale.forLanguageTag(tag).getLanguage());
    }

    private static boolean isLanguage(String tag) {
        return !Locale.forLanguageTag(tag.strip()).getLanguage().isEmpty();
    }

    private void requireContent(ItemEdit wanted) {
        List<QuestionShown> questions = wanted.questions() == null ? List.of() : wanted.questions();
        questions.forEach(each -> {
            if (each.prompt().isBlank()
                    && each.kind() != QuestionKind.BLANKS
                    && each.kind() != QuestionKind.HOT_WORDS) {
                throw Refusal.unusableField(
                        "question-incomplete", "questions", inWords("library.a-question-has-no-words"));
            }
            each.body().asQuestion(each.kind(), each.prompt());
        });
        if (wanted.kind().isQuestions() && questions.isEmpty()) {
            throw lacks("questions", inWords("library.needs-at-least-one-question"));
        }
        if (wanted.kind() == ItemKind.TEXT && isEmpty(wanted.body())) {
            throw lacks("body", inWords("library.has-no-text"));
        }
        if (wanted.kind() == ItemKind.LESSON && isEmpty(wanted.steps())) {
            throw lacks("steps", inWords("library.needs-at-least-one-step"));
        }
        if (wanted.kind() == ItemKind.LINK) {
            requireAddress(wanted.address());
        }
        if (wanted.kind() == ItemKind.PRINTABLE && wanted.fileId() == null) {
            throw lacks("fileId", inWords("library.needs-its-sheet-a-pdf-or-a-picture"));
        }
        // Who holds a file may read it, so an item must not hold what its maker may not read.
        FilesNamed.in(wanted).forEach(files::requireRead);
    }

    private static boolean isEmpty(String text) {
        return text == null || text.isBlank();
    }

    private static Refusal lacks(String field, String what) {
        return Refusal.unusableField("item-incomplete", field, inWords("library.this-item", "what", what));
    }

    private static void requireAddress(String address) {
        if (!WebAddress.isOne(address)) {
            throw Refusal.unusableField(
                    "address-unusable", "address", inWords("library.the-address-must-begin-with-http"));
        }
    }

    private void requireLevel(ItemEdit wanted) {
        if ((wanted.levelMeasureId() == null) != (wanted.levelLow() == null)) {
            throw Refusal.unusableField(
                    "level-incomplete", "levelLow", inWords("library.a-level-needs-both-a-number-and"));
        }
        if (wanted.levelMeasureId() == null) {
            return;
        }
        Measures.MeasureCard measure = measures.chosen(wanted.levelMeasureId());
        if (wanted.visibility() != Visibility.PRIVATE
                && measure.classId() != null
                && !measure.classId().equals(seenBy(wanted))) {
            throw Refusal.unusableField(
                    "measure-of-one-class",
                    "levelMeasureId",
                    inWords("library.is-one-classs-own-measure-choose", "name", measure.name()));
        }
        double high = wanted.levelHigh() == null ? wanted.levelLow() : wanted.levelHigh();
        requireInOrder(wanted.levelLow(), high, "levelLow", inWords("library.the-lowest-level-lies-above-the"));
        if (wanted.levelLow() < measure.lowest() || high > measure.highest()) {
            throw Refusal.unusableField(
                    "level-off-scale",
                    "levelLow",
                    inWords(
                            "library.the-level-lies-outside-which-goes",
                            "name",
                            measure.name(),
                            "lowest",
                            plain(measure.lowest()),
                            "highest",
                            plain(measure.highest())));
        }
    }

    private static String plain(double value) {
        return value == Math.rint(value) ? String.valueOf((long) value) : String.valueOf(value);
    }

    private static <T extends Comparable<T>> void requireInOrder(T low, T high, String field, String sentence) {
        if (low != null && high != null && low.compareTo(high) > 0) {
            throw Refusal.unusableField("out-of-order", field, sentence);
        }
    }

    private void requireSkills(ItemEdit wanted) {
        List<Long> ids = wanted.skills() == null
                ? List.of()
                : wanted.skills().stream().map(SkillUse::skillId).distinct().toList();
        List<Long> ofQuestions = wanted.questions() == null
                ? List.of()
                : wanted.questions().stream()
                        .map(QuestionShown::skillId)
                        .filter(id -> id != null)
                        .distinct()
                        .toList();
        List<Long> named = Stream.concat(ids.stream(), ofQuestions.stream()).toList();
        if (wanted.visibility() != Visibility.PRIVATE) {
            skills.requireFor(seenBy(wanted), named);
        } else if (!skills.classesOf(named).keySet().containsAll(named)) {
            throw Refusal.notFound("skill");
        }
    }

    /** The one class that sees the item; absent where the whole school does. */
    private static @Nullable Long seenBy(ItemEdit wanted) {
        return wanted.visibility() == Visibility.CLASS ? wanted.classId() : null;
    }
}
