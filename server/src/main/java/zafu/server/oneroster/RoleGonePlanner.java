package zafu.server.oneroster;

import static zafu.server.platform.Words.inWords;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import zafu.server.access.AdultAccounts.AdultCard;
import zafu.server.access.ClassPermission.ListedRole;
import zafu.server.access.ClassRole;
import zafu.server.oneroster.RosterBundle.Part;
import zafu.server.oneroster.RosterBundle.Person;
import zafu.server.oneroster.RosterBundle.Place;
import zafu.server.oneroster.RosterPlan.Kind;
import zafu.server.roster.RosterChanges.KnownClass;

/**
 * Finds the roles that a list once gave and no longer has. Roles given here stay, and so does the only owner of a
 * class: a class that nobody owns could be mended by nobody.
 */
final class RoleGonePlanner {
    private final RosterBundle bundle;
    private final Present here;
    private final RosterPlan plan;
    private final Map<String, Person> people;
    private final Set<String> ids = new HashSet<>();
    private final Set<String> gone = new HashSet<>();
    private final Set<String> held = new HashSet<>();
    private final Map<Long, AdultCard> adults = new HashMap<>();
    private final Map<Long, KnownClass> classes = new HashMap<>();

    RoleGonePlanner(RosterBundle bundle, Present here, RosterPlan plan, Map<String, Person> people) {
        this.bundle = bundle;
        this.here = here;
        this.plan = plan;
        this.people = people;
        for (Place place : bundle.enrolments()) {
            (place.gone() ? gone : ids).add(place.id());
            if (!place.gone()) {
                held.add(place.classId() + "/" + place.personId());
            }
        }
        here.adults.values().forEach(each -> adults.put(each.id(), each));
        here.classes.values().forEach(each -> classes.put(each.id(), each));
    }

    void plan() {
        List<ListedRole> leaving =
                here.listedRoles.stream().filter(this::isGone).toList();
        for (ListedRole role : leaving) {
            String who = adults.get(role.adultId()).displayName();
            String className = classes.get(role.classId()).name();
            if (role.role() == ClassRole.OWNER && !isOwnedWithout(leaving, role)) {
                plan.problems.add(
                        inWords("oneroster.enrollments-csv-is-the-only-owner", "who", who, "className", className));
            } else {
                plan.rolesGone.add(role);
                plan.tell(Kind.ROLE_TAKEN, who, className);
            }
        }
    }

    private boolean isGone(ListedRole role) {
        Person person = people.get(adults.get(role.adultId()).sourceId());
        if (gone.contains(role.sourceId()) || (person != null && person.gone())) {
            return true;
        }
        String place = classes.get(role.classId()).sourceId() + "/"
                + adults.get(role.adultId()).sourceId();
        return bundle.bulk().contains(Part.ENROLLMENTS) && !ids.contains(role.sourceId()) && !held.contains(place);
    }

    private boolean isOwnedWithout(List<ListedRole> leaving, ListedRole role) {
        Map<Long, ClassRole> inClass = here.roles.getOrDefault(role.classId(), Map.of());
        boolean anotherStays = inClass.entrySet().stream()
                .anyMatch(each -> each.getValue() == ClassRole.OWNER
                        && leaving.stream()
                                .noneMatch(
                                        left -> left.classId() == role.classId() && left.adultId() == each.getKey()));
        String source = classes.get(role.classId()).sourceId();
        return anotherStays
                || plan.roles.stream()
                        .map(RosterPlan.RolePlan::place)
                        .anyMatch(each -> each.primary() && each.classId().equals(source));
    }
}
