package zafu.server.roster;

import static zafu.server.platform.Words.inWords;

import jakarta.validation.Valid;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import zafu.core.schedule.DayParts;
import zafu.core.schedule.Term;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.platform.Refusal;
import zafu.server.roster.CalendarApi.SchoolDay;
import zafu.server.roster.CalendarApi.SchoolYear;
import zafu.server.roster.CalendarApi.TermEdit;

/** The school's terms and closed days. */
@RestController
class CalendarController {
    private final SchoolSettings school;
    private final ClassPermission permission;
    private final AuditTrail audit;

    CalendarController(SchoolSettings school, ClassPermission permission, AuditTrail audit) {
        this.school = school;
        this.permission = permission;
        this.audit = audit;
    }

    @GetMapping("/api/school/calendar")
    SchoolYear calendar() {
        return new SchoolYear(
                school.terms().stream()
                        .map(term -> new TermEdit(
                                term.id(),
                                term.name(),
                                term.dates().from(),
                                term.dates().to()))
                        .toList(),
                school.closedDays(),
                shown(school.dayParts()));
    }

    private static SchoolDay shown(DayParts parts) {
        return new SchoolDay(parts.starts(), parts.lunchStarts(), parts.lunchEnds(), parts.ends());
    }

    @PutMapping("/api/school/calendar")
    @Transactional
    public SchoolYear change(@Valid @RequestBody SchoolYear year) {
        permission.requireKeepsShared();
        for (TermEdit term : year.terms()) {
            if (term.to().isBefore(term.from())) {
                throw Refusal.unusableField(
                        "term-ends-early",
                        "terms",
                        inWords(
                                "roster.the-term-ends-on-before-it-begins",
                                "name",
                                term.name(),
                                "to",
                                term.to(),
                                "from",
                                term.from()));
            }
            school.keepTerm(term.id(), term.name().strip(), new Term(term.from(), term.to()));
        }
        school.keepClosedDays(year.closedDays());
        SchoolDay day = year.day();
        DayParts parts = new DayParts(day.starts(), day.lunchStarts(), day.lunchEnds(), day.ends());
        if (!parts.inOrder()) {
            throw Refusal.unusableField(
                    "day-out-of-order", "day", inWords("roster.the-school-day-begins-before-lunch"));
        }
        school.keepDayParts(parts);
        audit.note(null, "calendar.changed", null, year.toString());
        return calendar();
    }
}
