package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import zafu.server.oneroster.RosterBundle.ClassLine;
import zafu.server.oneroster.RosterBundle.Part;
import zafu.server.oneroster.RosterBundle.Person;
import zafu.server.oneroster.RosterBundle.Place;
import zafu.server.oneroster.RosterBundle.Role;
import zafu.server.oneroster.RosterPlan.Kind;
import zafu.server.oneroster.RosterPlan.PlaceDeed;
import zafu.server.oneroster.RosterPlan.PlacePlan;
import zafu.server.roster.Roster.KnownStudent;
import zafu.server.roster.RosterChanges.KnownClass;
import zafu.server.roster.RosterChanges.KnownEnrolment;
import zafu.server.roster.StudentFacts;

/**
 * Compares a bundle with what is here. Ids decide; who has none yet is recognised by name within a class of the same
 * name, where exactly one fits, and is known by the id from then on.
 */
final class RosterPlanner {
    private final RosterBundle bundle;
    private final Present here;
    private final RosterPlan plan = new RosterPlan();
    private final Map<String, ClassLine> classes = new LinkedHashMap<>();
    private final Map<String, Person> people = new LinkedHashMap<>();
    private final Map<String, Long> classIds = new HashMap<>();
    private final Map<String, KnownStudent> known = new HashMap<>();
    private final Map<String, List<Place>> placesOf = new HashMap<>();

    private RosterPlanner(RosterBundle bundle, Present here) {
        this.bundle = bundle;
        this.here = here;
        plan.problems.addAll(bundle.problems());
    }

    static RosterPlan plan(RosterBundle bundle, Present here) {
        RosterPlanner planner = new RosterPlanner(bundle, here);
        planner.sessions();
        planner.classes();
        planner.people();
        planner.places();
        planner.gone();
        new RoleGonePlanner(bundle, here, planner.plan, planner.people).plan();
        new ScorePlanner(bundle, here, planner.plan, planner.known).plan();
        new FlagPlanner(bundle, here, planner.plan, planner.known).plan();
        return planner.plan;
    }

    private void sessions() {
        bundle.sessions().stream()
                .filter(session -> !session.gone() && !here.sessions.contains(session.id()))
                .forEach(session -> {
                    plan.newSessions.add(session);
                    plan.tell(
                            Kind.NEW_TERM,
                            session.title(),
                            inWords("oneroster.to", "from", session.from(), "to", session.to()));
                });
    }

    private void classes() {
        Map<String, KnownClass> byName = new HashMap<>();
        Set<String> twice = new HashSet<>();
        Set<String> linked = new HashSet<>();
        bundle.classes().forEach(line -> linked.add(line.id()));
        here.classes.values().stream()
                .filter(each -> !each.archived() && !linked.contains(each.sourceId()))
                .forEach(each -> {
                    if (byName.put(Present.plain(each.name()), each) != null) {
                        twice.add(Present.plain(each.name()));
                    }
                });
        for (ClassLine line : bundle.classes()) {
            if (line.gone()) {
                continue;
            }
            classes.put(line.id(), line);
            KnownClass sameId = here.classes.get(line.id());
            String name = Present.plain(line.title());
            KnownClass sameName = twice.contains(name) ? null : byName.remove(name);
            plan(line, sameId, sameName);
        }
    }

    private void plan(ClassLine line, @Nullable KnownClass sameId, @Nullable KnownClass sameName) {
        if (sameId != null) {
            classIds.put(line.id(), sameId.id());
            boolean renamed = !sameId.name().equals(line.title());
            if (renamed) {
                plan.tell(Kind.CLASS_RENAMED, sameId.name(), inWords("oneroster.is-now-called", "title", line.title()));
            }
            if (sameId.archived()) {
                plan.tell(Kind.CLASS_BACK, line.title(), inWords("oneroster.was-archived-and-comes-back"));
            }
            if (renamed || sameId.archived()) {
                plan.classes.add(
                        new RosterPlan.ClassPlan(line, sameId.id(), renamed ? sameId.name() : null, sameId.archived()));
            }
        } else if (sameName != null) {
            classIds.put(line.id(), sameName.id());
            plan.classes.add(new RosterPlan.ClassPlan(line, sameName.id(), null, false));
            plan.tell(Kind.CLASS_LINKED, line.title(), inWords("oneroster.is-the-class-of-that-name-here"));
        } else {
            plan.classes.add(new RosterPlan.ClassPlan(line, null, null, false));
            plan.tell(Kind.NEW_CLASS, line.title(), "");
        }
    }

    private void people() {
        bundle.people().forEach(person -> people.put(person.id(), person));
        bundle.enrolments().stream().filter(place -> !place.gone()).forEach(place -> placesOf.computeIfAbsent(
                        place.personId(), id -> new ArrayList<>())
                .add(place));
        for (Person person : bundle.people()) {
            if (person.gone()) {
                continue;
            }
            switch (roleOf(person)) {
                case STUDENT -> student(person);
                case TEACHER, AIDE -> adult(person);
                case OTHER -> {
                    // Families and the like are not kept here.
                }
            }
        }
    }

    /** Changes often say nothing of roles: who is a student here stays one. */
    private Role roleOf(Person person) {
        return person.role() == Role.OTHER && here.students.containsKey(person.id()) ? Role.STUDENT : person.role();
    }

    private void student(Person person) {
        KnownStudent sameId = here.students.get(person.id());
        KnownStudent found = sameId != null ? sameId : byName(person).orElse(null);
        StudentFacts facts = facts(person, found);
        if (found != null) {
            known.put(person.id(), found);
        }
        if (found == null) {
            plan.tell(Kind.NEW_STUDENT, person.fullName(), inWords("oneroster.grade", "grade", facts.grade()));
        } else if (sameId == null) {
            plan.tell(Kind.STUDENT_LINKED, person.fullName(), inWords("oneroster.is-the-student-of-that-name-here"));
        } else if (found.archived()) {
            plan.tell(Kind.STUDENT_BACK, person.fullName(), inWords("oneroster.was-archived-and-comes-back"));
        } else if (!facts.equals(found.facts())) {
            plan.tell(Kind.STUDENT_CHANGED, person.fullName(), FactWords.difference(found.facts(), facts));
        } else {
            return;
        }
        plan.students.add(new RosterPlan.StudentPlan(person, found, facts));
    }

    /** Somebody here whom no id of the bundle means, of that name, in a class that is one of theirs. */
    private Optional<KnownStudent> byName(Person person) {
        Set<Long> own = new HashSet<>();
        placesOf.getOrDefault(person.id(), List.of()).forEach(place -> {
            Long classId = classIds.get(place.classId());
            if (classId != null) {
                own.add(classId);
            }
        });
        List<KnownStudent> fit = here.studentsByName.getOrDefault(Present.plain(person.fullName()), List.of()).stream()
                .filter(each -> !people.containsKey(each.sourceId()))
                .filter(each -> own.stream()
                        .anyMatch(classId -> here.enrolmentByPlace.containsKey(Present.place(classId, each.id()))))
                .toList();
        return fit.size() == 1 ? Optional.of(fit.get(0)) : Optional.empty();
    }

    /** What the bundle leaves blank stays as it is here. */
    private StudentFacts facts(Person person, @Nullable KnownStudent found) {
        StudentFacts now = found == null ? StudentFacts.named("", "", 0) : found.facts();
        return new StudentFacts(
                person.givenName(),
                person.familyName(),
                orNow(person.preferredName(), now.preferredName()),
                person.gradeGiven() || found == null ? person.grade() : now.grade(),
                now.language(),
                orNow(homeClass(person), now.homeClass()),
                orNow(person.number(), now.studentNumber()));
    }

    private static String orNow(String given, String now) {
        return given.isBlank() ? now : given;
    }

    private String homeClass(Person person) {
        return placesOf.getOrDefault(person.id(), List.of()).stream()
                .map(place -> classes.get(place.classId()))
                .filter(line -> line != null && line.home())
                .map(ClassLine::title)
                .findFirst()
                .orElse("");
    }

    private void adult(Person person) {
        if (here.adults.containsKey(person.id())) {
            return;
        }
        List<Long> named = here.adults.values().stream()
                .filter(each -> Present.plain(each.displayName()).equals(Present.plain(person.fullName())))
                .filter(each -> !people.containsKey(each.sourceId()))
                .map(each -> each.id())
                .toList();
        Long found = named.size() == 1 ? named.get(0) : null;
        plan.adults.add(new RosterPlan.AdultPlan(person, found));
        if (found == null) {
            plan.tell(Kind.NEW_ADULT, person.fullName(), inWords("oneroster.cannot-sign-in-until-you-set-a"));
        }
    }

    /**
     * The places of the bundle, one for each person, class and role: a student who left and came back, or is named twice, has
     * several lines, of which one that is in force counts.
     */
    private List<Place> onceEach() {
        Map<String, Place> inForce = new LinkedHashMap<>();
        bundle.enrolments().stream()
                .filter(place -> !place.gone())
                .forEach(place -> inForce.putIfAbsent(keyOf(place), place));
        List<Place> once = new ArrayList<>();
        for (Place place : bundle.enrolments()) {
            Place counts = inForce.getOrDefault(keyOf(place), place);
            if (counts.id().equals(place.id())) {
                once.add(place);
            } else if (!place.gone()) {
                plan.problems.add(inWords(
                        "oneroster.enrollments-csv-puts-the-user-into",
                        "id",
                        place.id(),
                        "personId",
                        place.personId(),
                        "classId",
                        place.classId(),
                        "other",
                        counts.id()));
            }
        }
        return once;
    }

    private static String keyOf(Place place) {
        return place.classId() + "\n" + place.personId() + "\n" + place.role();
    }

    private void places() {
        for (Place place : onceEach()) {
            Person person = people.get(place.personId());
            boolean knownAdult = person == null && here.adults.containsKey(place.personId());
            boolean personIsHere = knownAdult || (person != null && !person.gone());
            if (person == null && !knownAdult && !here.students.containsKey(place.personId())) {
                plan.problems.add(inWords(
                        "oneroster.enrollments-csv-names-the-user-who",
                        "id",
                        place.id(),
                        "personId",
                        place.personId()));
            } else if (!classes.containsKey(place.classId()) && !here.classes.containsKey(place.classId())) {
                plan.problems.add(inWords(
                        "oneroster.enrollments-csv-names-the-class", "id", place.id(), "classId", place.classId()));
            } else if (place.role() == Role.STUDENT && !knownAdult && (personIsHere || person == null)) {
                studentPlace(place);
            } else if (personIsHere && place.role() != Role.OTHER && !place.gone()) {
                role(place);
            }
        }
    }

    private void studentPlace(Place place) {
        KnownStudent student = known.getOrDefault(place.personId(), here.students.get(place.personId()));
        KnownClass sameId = here.classes.get(place.classId());
        Long classId = classIds.getOrDefault(place.classId(), sameId == null ? null : Long.valueOf(sameId.id()));
        KnownEnrolment now = student == null || classId == null
                ? null
                : here.enrolmentByPlace.get(Present.place(classId, student.id()));
        if (place.gone()) {
            if (now != null && now.present()) {
                leaves(now);
            }
            return;
        }
        String className = classNamed(place.classId());
        String name = student != null
                ? fullName(student)
                : people.get(place.personId()).fullName();
        if (now == null || !now.present()) {
            PlaceDeed deed = now == null ? PlaceDeed.ENROL : PlaceDeed.ENROL_AGAIN;
            plan.places.add(new PlacePlan(deed, place.id(), place.classId(), place.personId(), classId, idOf(student)));
            plan.tell(Kind.JOINS_CLASS, name, className);
        } else if (!place.id().equals(now.sourceId())) {
            plan.places.add(new PlacePlan(
                    PlaceDeed.LINK, place.id(), place.classId(), place.personId(), classId, idOf(student)));
        }
    }

    private static @Nullable Long idOf(@Nullable KnownStudent student) {
        return student == null ? null : Long.valueOf(student.id());
    }

    private String classNamed(String sourceId) {
        ClassLine line = classes.get(sourceId);
        return line != null ? line.title() : here.classes.get(sourceId).name();
    }

    private void leaves(KnownEnrolment now) {
        plan.places.add(new PlacePlan(PlaceDeed.TAKE_OUT, "", "", "", now.classId(), now.studentId()));
        plan.tell(
                Kind.LEAVES_CLASS,
                fullName(here.studentsById.get(now.studentId())),
                here.classes.values().stream()
                        .filter(each -> each.id() == now.classId())
                        .map(KnownClass::name)
                        .findFirst()
                        .orElse(""));
    }

    private static String fullName(KnownStudent student) {
        return (student.facts().givenName() + " " + student.facts().familyName()).strip();
    }

    private void role(Place place) {
        Person person = people.get(place.personId());
        Long classId = classIds.get(place.classId());
        Long adultId = here.adults.containsKey(place.personId())
                ? Long.valueOf(here.adults.get(place.personId()).id())
                : plan.adults.stream()
                        .filter(each -> each.person().id().equals(place.personId()))
                        .map(RosterPlan.AdultPlan::known)
                        .filter(id -> id != null)
                        .findFirst()
                        .orElse(null);
        boolean hasOne = classId != null
                && adultId != null
                && here.roles.getOrDefault(classId, Map.of()).containsKey(adultId);
        if (!hasOne) {
            plan.roles.add(new RosterPlan.RolePlan(place));
            String who = person == null ? here.adults.get(place.personId()).displayName() : person.fullName();
            plan.tell(Kind.ROLE_GIVEN, who, classNamed(place.classId()));
        }
    }

    /** In a complete list, who came from such a list before and is missing now is gone; own additions stay. */
    private void gone() {
        Set<String> placesNow = new HashSet<>();
        bundle.enrolments().stream().filter(place -> !place.gone()).forEach(place -> placesNow.add(place.id()));
        Set<Long> takenOut = new HashSet<>();
        plan.places.stream()
                .filter(each -> each.deed() == PlaceDeed.TAKE_OUT)
                .forEach(each -> takenOut.add(each.studentId()));
        Set<Long> goneWhole = new HashSet<>();
        for (KnownEnrolment now : here.enrolments) {
            if (!now.present() || now.sourceId() == null) {
                continue;
            }
            KnownStudent student = here.studentsById.get(now.studentId());
            Person person = people.get(student.sourceId());
            boolean deleted = person != null && person.gone();
            boolean missing = bundle.bulk().contains(Part.USERS) && person == null;
            if ((deleted || missing) && !student.archived() && goneWhole.add(student.id())) {
                plan.gone.add(student);
                plan.tell(Kind.STUDENT_GONE, fullName(student), inWords("oneroster.will-be-archived-their-work-stays"));
            } else if (!deleted
                    && !missing
                    && bundle.bulk().contains(Part.ENROLLMENTS)
                    && !placesNow.contains(now.sourceId())
                    && isRelinked(now).isEmpty()
                    && !takenOut.contains(now.studentId())) {
                leaves(now);
            }
        }
    }

    /** A place that the list still has, but under another id. */
    private Optional<PlacePlan> isRelinked(KnownEnrolment now) {
        return plan.places.stream()
                .filter(each -> each.deed() == PlaceDeed.LINK)
                .filter(each -> Long.valueOf(now.classId()).equals(each.classId())
                        && Long.valueOf(now.studentId()).equals(each.studentId()))
                .findFirst();
    }
}
