package zafu.server.roster;

import static zafu.server.platform.Words.inWords;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Arrays;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import zafu.core.schedule.DayParts;
import zafu.core.schedule.SchoolCalendar;
import zafu.core.schedule.SchoolWeek;
import zafu.core.schedule.Term;
import zafu.server.access.SchoolHours;
import zafu.server.platform.Refusal;
import zafu.server.platform.Remembered;
import zafu.server.roster.WritingApi.Paper;
import zafu.server.roster.WritingApi.Writing;

/** The school's name, zone and calendar, and what its clock says. */
@Service
public class SchoolSettings implements SchoolHours {
    private final SchoolRepository schools;
    private final TermRepository terms;
    private final ClosedDayRepository closedDays;
    private final Clock clock;
    private final Remembered<Boolean, Kept> kept = new Remembered<>();
    private volatile @Nullable Long schoolId;

    SchoolSettings(SchoolRepository schools, TermRepository terms, ClosedDayRepository closedDays, Clock clock) {
        this.schools = schools;
        this.terms = terms;
        this.closedDays = closedDays;
        this.clock = clock;
    }

    /** What is asked for with every request. */
    private record Kept(String name, ZoneId zone, DayParts dayParts, SchoolCalendar calendar, Writing writing) {}

    /** A term with its name. */
    public record NamedTerm(String name, Term dates) {}

    public ZoneId zone() {
        return kept().zone();
    }

    public String name() {
        return kept().name();
    }

    public LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), zone());
    }

    /** The times by which the school day is spoken of. */
    public DayParts dayParts() {
        return kept().dayParts();
    }

    void keepDayParts(DayParts parts) {
        School school = school();
        school.dayStarts = parts.starts();
        school.lunchStarts = parts.lunchStarts();
        school.lunchEnds = parts.lunchEnds();
        school.dayEnds = parts.ends();
        schools.save(school);
        kept.changed();
    }

    /** The paper that is printed on: the school's choice, else what printers have where it is. */
    public String paper() {
        Paper usual = zone().getId().startsWith("America/") ? Paper.LETTER : Paper.A4;
        return Optional.ofNullable(writing().paper()).orElse(usual) == Paper.A4 ? "A4" : "letter";
    }

    /** The weeks in which the school counts. */
    public SchoolWeek week() {
        return new SchoolWeek(writing().weekStarts());
    }

    @Override
    public Optional<Hours> hours() {
        // Every page asks; once there is a school, what is kept of it answers.
        boolean none = schoolId == null && schools.count() == 0;
        return none ? Optional.empty() : Optional.ofNullable(writing().hours());
    }

    Writing writing() {
        return kept().writing();
    }

    void keepWriting(Writing wanted) {
        School school = school();
        school.weekStarts = wanted.weekStarts().getValue();
        school.paper = wanted.paper();
        school.hours = wanted.hours();
        schools.save(school);
        kept.changed();
    }

    /** A moment as the school's clocks show it. */
    public @Nullable LocalDateTime local(@Nullable Instant moment) {
        return moment == null ? null : LocalDateTime.ofInstant(moment, zone());
    }

    /** The moment at which the school's clocks show this; in the hour that a clock change skips, the hour after. */
    public @Nullable Instant moment(@Nullable LocalDateTime local) {
        return local == null ? null : local.atZone(zone()).toInstant();
    }

    /** A term as it is kept. */
    public record KnownTerm(long id, String sourceId, String name, Term dates) {}

    public List<KnownTerm> terms() {
        return terms.findAll(Sort.by("beginsOn", "id")).stream()
                .map(each -> new KnownTerm(each.id, each.sourceId, each.name, new Term(each.beginsOn, each.endsOn)))
                .toList();
    }

    void keepTerm(@Nullable Long id, String name, Term dates) {
        SchoolTerm term =
                id == null ? new SchoolTerm() : terms.findById(id).orElseThrow(() -> Refusal.notFound("term"));
        term.name = name;
        term.beginsOn = dates.from();
        term.endsOn = dates.to();
        terms.save(term);
        kept.changed();
    }

    /** Makes a term that another system knows under this id. */
    public long makeTerm(String name, Term dates, String sourceId) {
        SchoolTerm made = new SchoolTerm();
        made.name = name;
        made.beginsOn = dates.from();
        made.endsOn = dates.to();
        made.sourceId = sourceId;
        long id = terms.save(made).id;
        kept.changed();
        return id;
    }

    /** Takes a term out again, unless a class of it was named meanwhile. */
    public void removeTerm(long termId) {
        if (terms.removeUnused(termId) > 0) {
            kept.changed();
        }
    }

    List<CalendarApi.ClosedDayEdit> closedDays() {
        return closedDays.findAll(Sort.by("closedOn")).stream()
                .map(each -> new CalendarApi.ClosedDayEdit(each.closedOn, each.reason))
                .toList();
    }

    void keepClosedDays(List<CalendarApi.ClosedDayEdit> wanted) {
        closedDays.deleteAllInBatch();
        kept.changed();
        Set<LocalDate> seen = new HashSet<>();
        wanted.stream().filter(each -> seen.add(each.day())).forEach(each -> close(each.day(), each.reason()));
    }

    void requireTerm(long termId) {
        if (!terms.existsById(termId)) {
            throw Refusal.notFound("term");
        }
    }

    public SchoolCalendar calendar() {
        return kept().calendar();
    }

    private Kept kept() {
        return kept.get(true, always -> read());
    }

    private Kept read() {
        School school = school();
        List<Term> dates = terms.findAll().stream()
                .map(term -> new Term(term.beginsOn, term.endsOn))
                .toList();
        Set<LocalDate> closed = closedDays.findAll().stream()
                .map(closedDay -> closedDay.closedOn)
                .collect(Collectors.toSet());
        return new Kept(
                school.name,
                ZoneId.of(school.zone),
                new DayParts(school.dayStarts, school.lunchStarts, school.lunchEnds, school.dayEnds),
                new SchoolCalendar(dates, weekdaysOf(school), closed),
                new Writing(DayOfWeek.of(school.weekStarts), school.paper, school.hours));
    }

    /** Why no lesson is on a day, as the calendar says; empty where it says nothing. */
    public String whyClosed(LocalDate day) {
        return closedDays.findAll().stream()
                .filter(each -> each.closedOn.equals(day))
                .map(each -> each.reason)
                .findFirst()
                .orElse("");
    }

    public void create(String name, ZoneId zone, Collection<DayOfWeek> weekdays, List<NamedTerm> namedTerms) {
        if (schools.count() > 0) {
            throw Refusal.conflict("school-exists", inWords("roster.this-school-is-set-up-already"));
        }
        School school = new School();
        school.name = name;
        school.zone = zone.getId();
        school.weekdays = weekdays.stream()
                .distinct()
                .sorted()
                .map(day -> String.valueOf(day.getValue()))
                .collect(Collectors.joining(","));
        schools.save(school);
        kept.changed();
        for (NamedTerm each : namedTerms) {
            SchoolTerm term = new SchoolTerm();
            term.name = each.name();
            term.beginsOn = each.dates().from();
            term.endsOn = each.dates().to();
            terms.save(term);
        }
    }

    public void close(LocalDate day, String reason) {
        ClosedDay closed = new ClosedDay();
        closed.closedOn = day;
        closed.reason = reason;
        closedDays.save(closed);
        kept.changed();
    }

    /** There is one; once its id is known, a transaction reads it once however often it is asked for. */
    private School school() {
        Long known = schoolId;
        School school = (known == null ? schools.findAll().stream().findFirst() : schools.findById(known))
                .orElseThrow(() -> Refusal.conflict("no-school", inWords("roster.the-school-is-not-set-up-yet")));
        schoolId = school.id;
        return school;
    }

    private static Set<DayOfWeek> weekdaysOf(School school) {
        return Arrays.stream(school.weekdays.split(","))
                .filter(day -> !day.isEmpty())
                .map(day -> DayOfWeek.of(Integer.parseInt(day)))
                .collect(Collectors.toSet());
    }
}
