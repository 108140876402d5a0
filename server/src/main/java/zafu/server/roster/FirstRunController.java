package zafu.server.roster;

import static zafu.server.platform.Words.inWords;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.time.DateTimeException;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.core.schedule.Term;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditTrail;
import zafu.server.platform.Refusal;

/** Makes the school and its first adult account, once, while there is no account at all. */
@RestController
class FirstRunController {
    private final SchoolSettings school;
    private final AdultAccounts adults;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;

    FirstRunController(
            SchoolSettings school, AdultAccounts adults, AuditTrail audit, ApplicationEventPublisher events) {
        this.school = school;
        this.adults = adults;
        this.audit = audit;
        this.events = events;
    }

    record FirstRun(
            @NotBlank @Size(max = 200) String schoolName,
            @NotBlank String zone,
            @NotEmpty Set<DayOfWeek> weekdays,
            @NotEmpty @Size(max = 12) List<@Valid TermDates> terms,
            @NotBlank @Size(max = 80) String name,
            @NotBlank @Size(max = 120) String displayName,
            @Size(min = 10, max = 200, message = "{needs-letters}") String password) {}

    record TermDates(@NotBlank @Size(max = 100) String name, LocalDate from, LocalDate to) {}

    @PostMapping("/api/first-run")
    @Transactional
    public void firstRun(@Valid @RequestBody FirstRun wanted) {
        if (!adults.none()) {
            throw Refusal.conflict("school-exists", inWords("roster.this-school-is-set-up-already"));
        }
        school.create(wanted.schoolName.strip(), zone(wanted.zone), wanted.weekdays, termsOf(wanted));
        long adult = adults.create(wanted.name.strip(), wanted.displayName.strip(), wanted.password, true);
        events.publishEvent(new SchoolMade());
        audit.note(null, "school.created", adult, wanted.schoolName);
    }

    private static ZoneId zone(String name) {
        try {
            return ZoneId.of(name);
        } catch (DateTimeException unknown) {
            throw Refusal.unusableField(
                    "unknown-zone", "zone", inWords("roster.is-no-time-zone-one-is-written", "name", name));
        }
    }

    private static List<SchoolSettings.NamedTerm> termsOf(FirstRun wanted) {
        List<SchoolSettings.NamedTerm> terms = new ArrayList<>();
        for (TermDates dates : wanted.terms) {
            if (dates.to.isBefore(dates.from)) {
                throw Refusal.unusableField(
                        "term-ends-early",
                        "terms",
                        inWords(
                                "roster.the-term-ends-on-before-it-begins",
                                "name",
                                dates.name,
                                "to",
                                dates.to,
                                "from",
                                dates.from));
            }
            terms.add(new SchoolSettings.NamedTerm(dates.name, new Term(dates.from, dates.to)));
        }
        return terms;
    }
}
