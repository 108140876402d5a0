package zafu.server.ease;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.need.Support;
import zafu.core.roster.StudentId;
import zafu.server.access.CurrentPerson;
import zafu.server.ease.EaseApi.Colours;
import zafu.server.ease.EaseApi.Ease;
import zafu.server.ease.EaseApi.Spacing;
import zafu.server.ease.EaseApi.TextSize;
import zafu.server.ease.EaseApi.Typeface;
import zafu.server.need.Needs;
import zafu.server.platform.SpokenLanguage;
import zafu.server.roster.SchoolSettings;

/** What the student has chosen, and where they have not, what is granted to them: large text where that is. */
@Service
class MyEase {
    private final StudentEaseRepository chosen;
    private final Needs needs;
    private final SchoolSettings school;
    private final CurrentPerson current;
    private final LanguageOfStudent languages;

    MyEase(
            StudentEaseRepository chosen,
            Needs needs,
            SchoolSettings school,
            CurrentPerson current,
            LanguageOfStudent languages) {
        this.chosen = chosen;
        this.needs = needs;
        this.school = school;
        this.current = current;
        this.languages = languages;
    }

    @Transactional(readOnly = true)
    Ease mine() {
        long student = current.studentId();
        StudentEase own = chosen.findById(student).orElseGet(StudentEase::new);
        return new Ease(
                own.textSize == null ? granted(student) : own.textSize,
                or(own.spacing, Spacing.USUAL),
                or(own.typeface, Typeface.USUAL),
                or(own.colours, Colours.USUAL),
                own.lineFocus,
                own.clockHidden,
                own.language == null ? languages.atHome(student) : own.language);
    }

    @Transactional
    Ease keep(Ease wanted) {
        long student = current.studentId();
        StudentEase own = chosen.findById(student).orElseGet(StudentEase::new);
        own.studentId = student;
        // As it comes anyway is not a choice: what is granted later shall still show.
        boolean asItComes = own.textSize == null && wanted.textSize() == granted(student);
        own.textSize = asItComes ? null : wanted.textSize();
        own.language = chosenLanguage(wanted, own, student);
        own.spacing = wanted.spacing();
        own.typeface = wanted.typeface();
        own.colours = wanted.colours();
        own.lineFocus = wanted.lineFocus();
        own.clockHidden = wanted.clockHidden();
        chosen.save(own);
        return wanted;
    }

    private static boolean isAsItComes(@Nullable String wanted, @Nullable String home) {
        return wanted == null || wanted.equals(home);
    }

    private @Nullable String chosenLanguage(Ease wanted, StudentEase own, long student) {
        String language = wanted.language();
        if (own.language == null && isAsItComes(language, languages.atHome(student))) {
            return null;
        }
        if (language != null) {
            SpokenLanguage.require(SpokenLanguage.TO_STUDENTS, language);
        }
        return language;
    }

    private TextSize granted(long student) {
        boolean large = needs.granted(List.of(new StudentId(student))).values().stream()
                .flatMap(List::stream)
                .anyMatch(each -> each.support() == Support.LARGE_TEXT && each.isInForceOn(school.today()));
        return large ? TextSize.LARGE : TextSize.USUAL;
    }

    private static <T> T or(@Nullable T chosen, T usual) {
        return chosen == null ? usual : chosen;
    }
}
