package zafu.server.ease;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.server.access.AuditTrail;
import zafu.server.ease.EaseApi.PageLanguage;
import zafu.server.platform.SpokenLanguage;
import zafu.server.roster.Roster;
import zafu.server.roster.StudentAccess;

/** In which language a student is spoken to: what they, or an adult for them, chose, else that of home. */
@Service
public class LanguageOfStudent {
    private final StudentEaseRepository chosen;
    private final Roster roster;
    private final StudentAccess access;
    private final AuditTrail audit;

    LanguageOfStudent(StudentEaseRepository chosen, Roster roster, StudentAccess access, AuditTrail audit) {
        this.chosen = chosen;
        this.roster = roster;
        this.access = access;
        this.audit = audit;
    }

    /** The first that Zafu speaks where nothing is chosen and that of home is none of them. */
    @Transactional(readOnly = true)
    public String of(long student) {
        PageLanguage known = known(student);
        if (known.chosen() != null) {
            return known.chosen();
        }
        return known.atHome() == null ? SpokenLanguage.FIRST : known.atHome();
    }

    @Transactional(readOnly = true)
    PageLanguage seen(long student) {
        access.requireSee(student);
        return known(student);
    }

    /** @param language as a tag; absent to go by the language of home again */
    @Transactional
    PageLanguage choose(long student, @Nullable String language) {
        access.requireChange(student);
        if (language != null) {
            SpokenLanguage.require(SpokenLanguage.TO_STUDENTS, language);
        }
        StudentEase own = chosen.findById(student).orElseGet(StudentEase::new);
        own.studentId = student;
        own.language = language;
        chosen.saveAndFlush(own);
        audit.note(null, "student.language", student, language == null ? "" : language);
        return known(student);
    }

    private PageLanguage known(long student) {
        return new PageLanguage(
                chosen.findById(student).map(each -> each.language).orElse(null), atHome(student));
    }

    @Nullable
    String atHome(long student) {
        return SpokenLanguage.among(SpokenLanguage.TO_STUDENTS, roster.languageAtHome(student))
                .orElse(null);
    }
}
