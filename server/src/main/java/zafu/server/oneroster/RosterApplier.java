package zafu.server.oneroster;

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
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import zafu.core.measure.Better;
import zafu.core.measure.NumericScale;
import zafu.core.schedule.Term;
import zafu.server.access.AdultAccounts;
import zafu.server.access.ClassPermission;
import zafu.server.access.ClassPermission.ListedRole;
import zafu.server.access.ClassRole;
import zafu.server.exchange.Changed;
import zafu.server.exchange.ImportLog;
import zafu.server.measure.Measures;
import zafu.server.measure.Measures.ToNote;
import zafu.server.need.Needs;
import zafu.server.oneroster.RosterBundle.Flag;
import zafu.server.oneroster.RosterBundle.Person;
import zafu.server.oneroster.RosterBundle.Place;
import zafu.server.oneroster.RosterBundle.Role;
import zafu.server.oneroster.RosterPlan.PlacePlan;
import zafu.server.platform.LongWork;
import zafu.server.roster.Roster;
import zafu.server.roster.RosterChanges;
import zafu.server.roster.SchoolSettings;
import zafu.server.roster.StudentsChanged;

/** Carries out a plan, noting every change so that all of it can be taken back. Large plans pass in small portions. */
@Component
class RosterApplier {
    private static final int PORTION = 500;
    private static final int SHELF_LIFE_DAYS = 120;
    private static final int DECIMALS = 4;
    private final RosterChanges roster;
    private final Roster classes;
    private final AdultAccounts adults;
    private final ClassPermission permission;
    private final Measures measures;
    private final Needs needs;
    private final ImportLog log;
    private final LongWork waitedFor;
    private final SchoolSettings school;
    private final ApplicationEventPublisher events;

    RosterApplier(
            RosterChanges roster,
            Roster classes,
            AdultAccounts adults,
            ClassPermission permission,
            Measures measures,
            Needs needs,
            ImportLog log,
            LongWork waitedFor,
            SchoolSettings school,
            ApplicationEventPublisher events) {
        this.roster = roster;
        this.classes = classes;
        this.adults = adults;
        this.permission = permission;
        this.measures = measures;
        this.needs = needs;
        this.log = log;
        this.waitedFor = waitedFor;
        this.school = school;
        this.events = events;
    }

    /**
     * @param by who agreed; absent for nobody
     */
    void apply(RosterPlan plan, Present here, long run, @Nullable Long by) {
        new Work(plan, here, run, by).all();
    }

    /** One plan on its way, with the ids of what it has made so far. */
    private final class Work {
        private final RosterPlan plan;
        private final long run;
        private final @Nullable Long by;
        private final LocalDate today = school.today();
        private final Map<String, Long> classIds = new HashMap<>();
        private final Map<String, Long> studentIds = new HashMap<>();
        private final Map<String, Long> adultIds = new HashMap<>();
        private int done;

        Work(RosterPlan plan, Present here, long run, @Nullable Long by) {
            this.plan = plan;
            this.run = run;
            this.by = by;
            here.classes.forEach((source, known) -> classIds.put(source, known.id()));
            here.students.forEach((source, known) -> studentIds.put(source, known.id()));
            here.adults.forEach((source, known) -> adultIds.put(source, known.id()));
        }

        void all() {
            waitedFor.expect(plan.students.size() + plan.places.size() + plan.results.size());
            plan.newSessions.forEach(session -> log.note(
                    run,
                    Changed.TERM_MADE,
                    school.makeTerm(session.title(), new Term(session.from(), session.to()), session.id())));
            plan.classes.forEach(this::schoolClass);
            students();
            plan.adults.forEach(this::adult);
            plan.places.forEach(this::place);
            plan.roles.forEach(role -> role(role.place()));
            plan.rolesGone.forEach(this::roleGone);
            plan.gone.forEach(student -> {
                roster.archive(student.id(), true);
                log.note(run, Changed.STUDENT_ARCHIVED, student.id());
            });
            results();
            plan.flags.forEach(this::flag);
            classIds.values().stream().distinct().forEach(id -> events.publishEvent(new StudentsChanged(id)));
        }

        private void breatheNowAndThen() {
            waitedFor.step();
            if (++done % PORTION == 0) {
                roster.breathe();
            }
        }

        private void schoolClass(RosterPlan.ClassPlan each) {
            if (each.known() == null) {
                long id = roster.makeClass(
                        each.line().title(), each.line().grade(), each.line().id());
                classIds.put(each.line().id(), id);
                log.note(run, Changed.CLASS_MADE, id);
                return;
            }
            long known = each.known();
            classIds.put(each.line().id(), known);
            if (each.back()) {
                roster.archiveClass(known, false);
                log.note(run, Changed.CLASS_BROUGHT_BACK, known);
            }
            if (each.renamedFrom() != null) {
                log.note(run, Changed.CLASS_RENAMED, known, null, each.renamedFrom());
                roster.renameClass(known, each.line().title());
            }
            roster.linkClass(known, each.line().id());
        }

        private void students() {
            List<Long> made = new ArrayList<>();
            for (RosterPlan.StudentPlan each : plan.students) {
                if (each.known() == null) {
                    long id = roster.makeStudent(
                            each.facts(), List.of(), each.person().id());
                    made.add(id);
                    studentIds.put(each.person().id(), id);
                    log.note(run, Changed.STUDENT_MADE, id);
                } else {
                    change(each);
                }
                breatheNowAndThen();
            }
            roster.breathe();
            for (int from = 0; from < made.size(); from += PORTION) {
                roster.issueCodes(made.subList(from, Math.min(from + PORTION, made.size())));
                roster.breathe();
            }
        }

        private void change(RosterPlan.StudentPlan each) {
            Roster.KnownStudent known = Objects.requireNonNull(each.known());
            studentIds.put(each.person().id(), known.id());
            if (!known.sourceId().equals(each.person().id())) {
                roster.link(known.id(), each.person().id());
            }
            if (known.archived()) {
                roster.archive(known.id(), false);
                log.note(run, Changed.STUDENT_BROUGHT_BACK, known.id());
            }
            if (!known.facts().equals(each.facts())) {
                log.note(
                        run,
                        Changed.STUDENT_CHANGED,
                        known.id(),
                        null,
                        new ImportLog.StudentState(known.facts(), known.tags()));
                roster.set(known.id(), each.facts(), known.tags());
            }
        }

        private void adult(RosterPlan.AdultPlan each) {
            Person person = each.person();
            if (each.known() != null) {
                adults.link(each.known(), person.id());
                adultIds.put(person.id(), each.known());
            } else {
                long id = adults.createWithoutPassword(freeName(person), person.fullName(), person.id());
                adultIds.put(person.id(), id);
                log.note(run, Changed.ADULT_MADE, id);
            }
        }

        private String freeName(Person person) {
            String wanted = person.username().isBlank()
                    ? person.fullName().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", ".")
                    : person.username();
            String base = wanted.length() > 70 ? wanted.substring(0, 70) : wanted;
            String name = base;
            for (int i = 2; adults.isTaken(name); i++) {
                name = base + i;
            }
            return name;
        }

        private void place(PlacePlan each) {
            long classId = each.classId() != null ? each.classId() : required(classIds, each.classSource());
            long studentId = each.studentId() != null ? each.studentId() : required(studentIds, each.studentSource());
            switch (each.deed()) {
                case ENROL -> roster.enrol(classId, studentId, today, each.sourceId());
                case ENROL_AGAIN -> {
                    classes.addToClass(classId, studentId, today);
                    roster.linkEnrolment(classId, studentId, each.sourceId());
                }
                case TAKE_OUT -> classes.takeOut(classId, studentId, today);
                case LINK -> roster.linkEnrolment(classId, studentId, each.sourceId());
            }
            switch (each.deed()) {
                case ENROL, ENROL_AGAIN -> log.note(run, Changed.ENROLLED, studentId, classId, null);
                case TAKE_OUT -> log.note(run, Changed.TAKEN_OUT, studentId, classId, null);
                case LINK -> {
                    // Nobody sees a difference, so there is nothing to take back.
                }
            }
            breatheNowAndThen();
        }

        private long required(Map<String, Long> ids, String source) {
            return Objects.requireNonNull(ids.get(source), "the plan knows " + source + ", but it was not made");
        }

        private void role(Place place) {
            Long adult = adultIds.get(place.personId());
            Long classId = classIds.get(place.classId());
            if (adult != null && classId != null) {
                permission.grant(classId, adult, roleOf(place), place.id());
                log.note(run, Changed.ROLE_GIVEN, adult, classId, null);
            }
        }

        private void roleGone(ListedRole role) {
            permission.withdraw(role.classId(), role.adultId());
            ImportLog.RoleState before = new ImportLog.RoleState(role.role(), role.sourceId());
            log.note(run, Changed.ROLE_TAKEN, role.adultId(), role.classId(), before);
        }

        private static ClassRole roleOf(Place place) {
            if (place.role() == Role.AIDE) {
                return ClassRole.SUPPORT;
            }
            return place.primary() ? ClassRole.OWNER : ClassRole.CO_TEACHER;
        }

        private void results() {
            Map<String, Long> made = new HashMap<>();
            plan.newMeasures.forEach((id, item) -> {
                NumericScale scale = new NumericScale(
                        item.lowest(), item.highest(), DECIMALS, Better.HIGHER, OptionalDouble.empty());
                long measure = measures.create(
                        new Measures.NewMeasure(item.title(), "", scale, List.of(), SHELF_LIFE_DAYS, id, null));
                made.put(id, measure);
                log.note(run, Changed.MEASURE_MADE, measure);
            });
            Map<Long, List<ToNote>> byMeasure = new LinkedHashMap<>();
            for (RosterPlan.ResultPlan each : plan.results) {
                long measure = each.measureId() != null ? each.measureId() : required(made, each.lineItemId());
                long student = required(studentIds, each.studentSource());
                byMeasure
                        .computeIfAbsent(measure, id -> new ArrayList<>())
                        .add(new ToNote(student, each.note().observation()));
            }
            byMeasure.forEach((measure, list) -> {
                for (int from = 0; from < list.size(); from += PORTION) {
                    List<ToNote> portion = list.subList(from, Math.min(from + PORTION, list.size()));
                    measures.record(measure, portion, run, by);
                    waitedFor.steps(portion.size());
                    roster.breathe();
                }
            });
        }

        private void flag(RosterPlan.FlagPlan each) {
            if (each.ends() != null) {
                needs.end(each.ends(), true, by);
                log.note(run, Changed.NEED_ENDED, each.ends());
            }
            Optional.ofNullable(each.granted()).ifPresent(this::grant);
        }

        private void grant(Flag flag) {
            Long student = studentIds.get(flag.personId());
            if (student != null) {
                long id = needs.grant(
                        student, flag.accommodation(), new Needs.Origin(null, flag.source(), flag.id(), by));
                log.note(run, Changed.NEED_GRANTED, id);
            }
        }
    }
}
