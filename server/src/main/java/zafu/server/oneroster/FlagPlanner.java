package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import zafu.server.need.Needs;
import zafu.server.oneroster.RosterBundle.Flag;
import zafu.server.oneroster.RosterBundle.Part;
import zafu.server.oneroster.RosterBundle.Person;
import zafu.server.oneroster.RosterPlan.Kind;
import zafu.server.roster.Roster.KnownStudent;

/** Which flags of the school's system are accommodations to grant, and which of its earlier ones have ended. */
final class FlagPlanner {
    private final RosterBundle bundle;
    private final Present here;
    private final RosterPlan plan;
    private final Map<String, KnownStudent> known;

    FlagPlanner(RosterBundle bundle, Present here, RosterPlan plan, Map<String, KnownStudent> known) {
        this.bundle = bundle;
        this.here = here;
        this.plan = plan;
        this.known = known;
    }

    void plan() {
        if (bundle.flags().isEmpty() && !bundle.bulk().contains(Part.FLAGS)) {
            return;
        }
        List<Long> ids = here.students.values().stream().map(KnownStudent::id).toList();
        Map<Long, List<Needs.Granted>> granted = here.needs.grantedWithSource(ids);
        Set<String> still = new HashSet<>();
        for (Flag flag : bundle.flags()) {
            if (!flag.gone()) {
                still.add(flag.id());
                grant(flag, granted);
            }
        }
        if (bundle.bulk().contains(Part.FLAGS)) {
            granted.forEach((student, list) -> list.stream()
                    .filter(each -> each.sourceId() != null && !still.contains(each.sourceId()))
                    .forEach(each -> end(student, each)));
        }
    }

    private void grant(Flag flag, Map<Long, List<Needs.Granted>> granted) {
        KnownStudent student = known.getOrDefault(flag.personId(), here.students.get(flag.personId()));
        List<Needs.Granted> own = student == null ? List.of() : granted.getOrDefault(student.id(), List.of());
        List<Needs.Granted> sameId =
                own.stream().filter(each -> flag.id().equals(each.sourceId())).toList();
        boolean isHere = sameId.stream().anyMatch(each -> each.accommodation().equals(flag.accommodation()))
                || own.stream()
                        .anyMatch(each ->
                                each.sourceId() == null && each.accommodation().equals(flag.accommodation()));
        if (isHere) {
            return;
        }
        sameId.forEach(each -> end(Objects.requireNonNull(student).id(), each));
        plan.flags.add(new RosterPlan.FlagPlan(flag, null));
        plan.tell(Kind.NEED_GRANTED, nameOf(flag), inWords("oneroster.the-detail-is-for-those-who-may"));
    }

    private String nameOf(Flag flag) {
        return bundle.people().stream()
                .filter(person -> person.id().equals(flag.personId()))
                .map(Person::fullName)
                .findFirst()
                .orElse("");
    }

    private void end(long student, Needs.Granted granted) {
        plan.flags.add(new RosterPlan.FlagPlan(null, granted.id()));
        KnownStudent who = here.studentsById.get(student);
        plan.tell(Kind.NEED_ENDED, who.facts().givenName() + " " + who.facts().familyName(), "");
    }
}
