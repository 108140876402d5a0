package zafu.server.exchange;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import zafu.core.measure.Better;
import zafu.core.measure.NumericScale;
import zafu.core.measure.Observation;
import zafu.core.need.Accommodation;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.access.OwnOrShared;
import zafu.server.exchange.ClassListApi.Wanted;
import zafu.server.exchange.ListReading.ReadList;
import zafu.server.exchange.PeopleMatch.Match;
import zafu.server.measure.Measures;
import zafu.server.measure.Measures.MeasureCard;
import zafu.server.measure.TypedScore;
import zafu.server.need.Needs;
import zafu.server.platform.LongWork;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.RosterChanges;
import zafu.server.roster.StudentsChanged;
import zafu.server.skill.Skills;

/** Writes a list that was read, and remembers every change so that all of it can be taken back. */
@Component
class ListTaking {
    private static final int SHELF_LIFE_DAYS = 120;
    private static final int DECIMALS_OF_A_NEW_MEASURE = 2;
    private final Roster roster;
    private final RosterChanges changes;
    private final Measures measures;
    private final Skills skills;
    private final Needs needs;
    private final ImportLog log;
    private final OwnOrShared sharing;
    private final LongWork waitedFor;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;

    ListTaking(
            Roster roster,
            RosterChanges changes,
            Measures measures,
            Skills skills,
            Needs needs,
            ImportLog log,
            OwnOrShared sharing,
            LongWork waitedFor,
            CurrentPerson current,
            AuditTrail audit,
            ApplicationEventPublisher events) {
        this.roster = roster;
        this.changes = changes;
        this.measures = measures;
        this.skills = skills;
        this.needs = needs;
        this.log = log;
        this.sharing = sharing;
        this.waitedFor = waitedFor;
        this.current = current;
        this.audit = audit;
        this.events = events;
    }

    ClassListApi.Taken take(ReadList list, String fileName, Wanted wanted) {
        long run = log.begin(ImportKind.LIST, wanted.classId(), fileName);
        long classId = wanted.classId() != null ? wanted.classId() : newClass(wanted, run);
        Map<Match, Long> students = new LinkedHashMap<>();
        int made = people(list.good(), classId, wanted, run, students);
        Held held = held(list);
        int scores = scores(list, students, held, classId, run);
        skills(list, students, classId, run);
        int granted = needs(students, held, run);
        int left = list.matches().size() - list.good().size();
        int known = (int) students.values().stream().distinct().count() - made;
        log.finish(
                run,
                classId,
                keptWords(
                        "exchange.taken",
                        "made",
                        made,
                        "known",
                        known,
                        "scores",
                        scores,
                        "needs",
                        granted,
                        "left",
                        left));
        audit.note(
                classId,
                "class-list.taken",
                run,
                keptWords("exchange.rows-and-scores", "count", list.good().size(), "scores", scores));
        events.publishEvent(new StudentsChanged(classId));
        return new ClassListApi.Taken(run, classId, made, known, scores, granted, left);
    }

    private long newClass(Wanted wanted, long run) {
        if (wanted.className().isBlank()) {
            throw Refusal.unusableField("no-class-name", "className", inWords("exchange.give-the-class-a-name"));
        }
        long id = roster.createClass(
                wanted.className().strip(), wanted.grade(), current.adult().adultId());
        log.note(run, Changed.CLASS_MADE, id);
        return id;
    }

    private int people(List<Match> good, long classId, Wanted wanted, long run, Map<Match, Long> students) {
        Map<String, Long> madeHere = new HashMap<>();
        List<Long> members = roster.membersOf(List.of(classId)).getOrDefault(classId, List.of());
        waitedFor.expect(good.size());
        for (Match match : good) {
            waitedFor.step();
            Long id = match.known() == null
                    ? madeHere.get(personOf(match))
                    : Long.valueOf(match.known().id());
            if (id == null) {
                id = changes.makeStudent(match.facts(), match.tags(), null);
                madeHere.put(personOf(match), id);
                log.note(run, Changed.STUDENT_MADE, id);
            } else if (match.known() != null && !students.containsValue(id)) {
                change(match, run);
            }
            if (!members.contains(id) && !students.containsValue(id)) {
                roster.addToClass(classId, id, wanted.takenOn());
                log.note(run, Changed.ENROLLED, id, classId, null);
            }
            students.put(match, id);
        }
        changes.issueCodes(madeHere.values());
        return madeHere.size();
    }

    /** Rows of the same person say the same here. */
    static String personOf(Match match) {
        String number = match.row().number();
        return (number.isEmpty() ? match.row().fullName() : inWords("exchange.number-2", "number", number))
                .toLowerCase(Locale.ROOT);
    }

    private void change(Match match, long run) {
        Roster.KnownStudent known = Objects.requireNonNull(match.known());
        if (known.archived()) {
            changes.archive(known.id(), false);
            log.note(run, Changed.STUDENT_BROUGHT_BACK, known.id());
        }
        if (changesFacts(match)) {
            log.note(
                    run,
                    Changed.STUDENT_CHANGED,
                    known.id(),
                    null,
                    new ImportLog.StudentState(known.facts(), known.tags()));
            changes.set(known.id(), match.facts(), match.tags());
        }
    }

    private static boolean changesFacts(Match match) {
        Roster.KnownStudent known = Objects.requireNonNull(match.known());
        return !known.facts().equals(match.facts()) || !known.tags().equals(match.tags());
    }

    /** What is here already of those whom a list names, in two reads. */
    Held held(ReadList list) {
        List<Long> known = list.matches().stream()
                .filter(match -> match.known() != null)
                .map(match -> match.known().id())
                .distinct()
                .toList();
        return new Held(
                measures.noted(known),
                needs.granted(known.stream().map(StudentId::new).toList()));
    }

    /** Observations by student and measure, and what was granted. */
    record Held(Map<Long, Map<Long, List<Observation>>> noted, Map<StudentId, List<Accommodation>> granted) {
        List<Observation> notedOf(long student, long measure) {
            return noted.getOrDefault(student, Map.of()).getOrDefault(measure, List.of());
        }

        List<Accommodation> grantedTo(long student) {
            return granted.getOrDefault(new StudentId(student), List.of());
        }
    }

    private int scores(ReadList list, Map<Match, Long> students, Held held, long classId, long run) {
        int count = 0;
        for (ColumnUse use : ColumnUse.scores(list.uses())) {
            long measure = use.measureId() != null ? use.measureId() : newMeasure(use, classId, run);
            List<Measures.ToNote> seen = new ArrayList<>();
            students.forEach((match, student) -> observation(match, use, list).ifPresent(observation -> {
                if (!held.notedOf(student, measure).contains(observation)) {
                    seen.add(new Measures.ToNote(student, observation));
                }
            }));
            measures.record(measure, seen, run, current.adult().adultId());
            count += (int) seen.stream()
                    .filter(each -> each.observation().value().isPresent())
                    .count();
        }
        return count;
    }

    /** A blank says "not assessed" on the day of the whole list; in a list with a day in each row it says nothing. */
    static Optional<Observation> observation(Match match, ColumnUse use, ReadList list) {
        TypedScore score = Objects.requireNonNull(match.row().scores().get(use.column()));
        LocalDate day = match.row().takenOn();
        if (score.value() != null) {
            return Optional.of(Observation.of(day, score.value()));
        }
        boolean dated = !ColumnUse.of(ColumnUse.Use.DATE, list.uses()).isEmpty();
        return dated && score.typed().isBlank()
                ? Optional.empty()
                : Optional.of(Observation.notAssessed(day, score.typed()));
    }

    private void skills(ReadList list, Map<Match, Long> students, long classId, long run) {
        for (ColumnUse use : ColumnUse.of(ColumnUse.Use.SKILL, list.uses())) {
            List<Skills.Evidence> seen = new ArrayList<>();
            students.forEach((match, student) -> {
                Double fraction = match.row().skills().get(use.column());
                if (fraction != null) {
                    seen.add(new Skills.Evidence(student, match.row().takenOn(), fraction));
                }
            });
            skills.record(
                    list.sheet().header().get(use.column()),
                    seen,
                    classId,
                    run,
                    skill -> log.note(run, Changed.SKILL_MADE, skill));
        }
    }

    private int needs(Map<Match, Long> students, Held held, long run) {
        int count = 0;
        for (Map.Entry<Match, Long> each : students.entrySet()) {
            for (Accommodation wanted : each.getKey().row().needs()) {
                if (!held.grantedTo(each.getValue()).contains(wanted)) {
                    long id = needs.grant(
                            each.getValue(),
                            wanted,
                            new Needs.Origin(null, "list", null, current.adult().adultId()));
                    log.note(run, Changed.NEED_GRANTED, id);
                    count++;
                }
            }
        }
        return count;
    }

    /** The measure of a score column, as it is or as it would be made. */
    MeasureCard measureOf(ColumnUse use) {
        if (use.measureId() != null) {
            return measures.chosen(use.measureId());
        }
        NumericScale scale = newScale(use);
        String name = use.newMeasure() == null ? "" : use.newMeasure();
        return new MeasureCard(
                0,
                name,
                "",
                0,
                scale.highest(),
                scale.decimals(),
                false,
                null,
                List.of(),
                "LATEST",
                null,
                1,
                false,
                null);
    }

    private static NumericScale newScale(ColumnUse use) {
        double highest = use.highest() == null ? 0 : use.highest();
        if (highest <= 0) {
            throw Refusal.unusableField(
                    "no-highest",
                    "highest",
                    inWords("exchange.say-what-the-largest-value-of-is", "measure", use.newMeasure()));
        }
        return new NumericScale(0, highest, DECIMALS_OF_A_NEW_MEASURE, Better.HIGHER, OptionalDouble.empty());
    }

    private long newMeasure(ColumnUse use, long classId, long run) {
        String name = use.newMeasure() == null ? "" : use.newMeasure().strip();
        if (name.isEmpty()) {
            throw Refusal.unusableField(
                    "no-measure-name", "newMeasure", inWords("exchange.give-the-new-measure-a-name"));
        }
        if (measures.ofClass(classId).stream()
                .anyMatch(measure -> measure.name().equalsIgnoreCase(name))) {
            throw Refusal.conflict(
                    "measure-exists", inWords("exchange.there-is-a-measure-already-choose", "name", name));
        }
        long id = measures.create(new Measures.NewMeasure(
                name,
                "",
                newScale(use),
                List.of(),
                SHELF_LIFE_DAYS,
                UUID.randomUUID().toString(),
                sharing.classFor(classId)));
        log.note(run, Changed.MEASURE_MADE, id);
        return id;
    }
}
