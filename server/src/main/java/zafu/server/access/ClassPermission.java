package zafu.server.access;

import static zafu.server.platform.Words.inWords;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import zafu.server.platform.Refusal;

/**
 * Which classes the signed-in adult may see and change. A class that is not theirs is "not here" rather than
 * "forbidden", so that nobody learns which ids exist.
 */
@Service
public class ClassPermission {
    private final CurrentPerson current;
    private final AdultRepository adults;
    private final ClassAdultRepository roles;
    private final LedGroups led;

    ClassPermission(CurrentPerson current, AdultRepository adults, ClassAdultRepository roles, LedGroups led) {
        this.adults = adults;
        this.current = current;
        this.roles = roles;
        this.led = led;
    }

    /**
     * Makes sure that the adult may see the whole class; the role says what else they may. Who sees some of its groups
     * alone is refused here: what is for them asks for {@link #reach} and keeps to it.
     */
    public ClassRole requireSee(long classId) {
        ClassRole role = roleIn(classId);
        if (!role.seesWholeClass()) {
            throw Refusal.notAllowed(inWords("access.this-is-of-the-whole-class-you-see"));
        }
        return role;
    }

    /** Makes sure that the adult has to do with the class, and says with whom in it. */
    public Reach reach(long classId) {
        return reachAs(roleIn(classId), classId);
    }

    private Reach reachAs(ClassRole role, long classId) {
        if (role.seesWholeClass()) {
            return Reach.whole(role);
        }
        Map<Long, Set<Long>> groups = led.of(classId, current.adult().adultId());
        return new Reach(
                role,
                Set.copyOf(groups.keySet()),
                groups.values().stream().flatMap(Set::stream).collect(Collectors.toUnmodifiableSet()));
    }

    /** Whether the adult has to do with this student of the class. */
    public boolean reaches(long classId, long studentId) {
        return role(classId)
                .filter(role -> reachAs(role, classId).sees(studentId))
                .isPresent();
    }

    public boolean mayMark(long classId) {
        return roleIn(classId).mayMark();
    }

    public void requireMark(long classId) {
        if (!mayMark(classId)) {
            throw Refusal.notAllowed(inWords("access.marking-is-for-the-classs-teachers"));
        }
    }

    public void requireChange(long classId) {
        if (!roleIn(classId).mayChange()) {
            throw Refusal.notAllowed(inWords("access.you-may-look-at-this-class-but"));
        }
    }

    public void requireSeeNeeds(long classId) {
        if (!requireSee(classId).maySeeNeeds()) {
            throw Refusal.notAllowed(inWords("access.only-teachers-and-support-staff"));
        }
    }

    public boolean mayChange(long classId) {
        return roleIn(classId).mayChange();
    }

    /** Whether the adult may see what students of the class need, as far as they see the class. */
    public boolean maySeeNeeds(long classId) {
        return roleIn(classId).maySeeNeeds();
    }

    public boolean mayHandOutCodes(long classId) {
        return roleIn(classId).mayHandOutCodes();
    }

    /** Makes sure that the adult teaches some class, or looks after the school. */
    public void requireTeacher() {
        if (!current.adult().keepsShared() && roles().values().stream().noneMatch(ClassRole::mayChange)) {
            throw Refusal.notAllowed(inWords("access.this-is-for-teachers-of-a-class"));
        }
    }

    /** Makes sure that the adult may bring in a class: a teacher, or somebody who has no class at all yet. */
    public void requireMayBringInClass() {
        if (!roles().isEmpty()) {
            requireTeacher();
        }
    }

    /** Makes sure that the adult looks after what all classes share: administrators do, and whom they name. */
    public void requireKeepsShared() {
        if (!current.adult().keepsShared()) {
            throw Refusal.notAllowed(inWords("access.all-classes-share-this-it-is-for"));
        }
    }

    /** Whether the adult may see needs in every one of these classes, in one read however many they are. */
    public boolean maySeeNeedsInAll(Collection<Long> classIds) {
        Map<Long, ClassRole> mine = roles();
        return classIds.stream()
                .allMatch(id -> mine.containsKey(id)
                        && mine.get(id).maySeeNeeds()
                        && mine.get(id).seesWholeClass());
    }

    /** Whether the signed-in adult has this id. */
    public boolean isMe(long adultId) {
        return current.adult().adultId() == adultId;
    }

    public void requireAdministrator() {
        if (!current.adult().administrator()) {
            throw Refusal.notAllowed(inWords("access.this-is-for-the-schools"));
        }
    }

    /** How many adults may see what a student of these classes needs. */
    public int adultsWhoSeeNeeds(long studentId, Collection<Long> classIds) {
        return (int) roles.findByClassIdIn(classIds).stream()
                .filter(each -> each.role.maySeeNeeds())
                .filter(each -> each.role.seesWholeClass()
                        || led.of(each.classId, each.adultId).values().stream().anyMatch(of -> of.contains(studentId)))
                .map(each -> each.adultId)
                .distinct()
                .count();
    }

    /** The roles of the signed-in adult by class. */
    public Map<Long, ClassRole> roles() {
        Map<Long, ClassRole> byClass = new LinkedHashMap<>();
        roles.findByAdultIdOrderByClassId(current.adult().adultId())
                .forEach(each -> byClass.put(each.classId, each.role));
        return byClass;
    }

    /** The adult's role in the class, which is "not here" where they have none. */
    public ClassRole roleIn(long classId) {
        return role(classId).orElseThrow(() -> Refusal.notFound("class"));
    }

    private Optional<ClassRole> role(long classId) {
        return roles.findByClassIdAndAdultId(classId, current.adult().adultId()).map(found -> found.role);
    }

    /** Ids of the classes that the signed-in adult sees whole. */
    public List<Long> mine() {
        return roles.findByAdultIdOrderByClassId(current.adult().adultId()).stream()
                .filter(role -> role.role.seesWholeClass())
                .map(role -> role.classId)
                .toList();
    }

    /** Ids of the classes that an adult sees whole, who need not be signed in; none where their account is closed. */
    public List<Long> classesOfAdult(long adultId) {
        if (adults.findById(adultId).filter(each -> each.closedAt == null).isEmpty()) {
            return List.of();
        }
        return roles.findByAdultIdOrderByClassId(adultId).stream()
                .filter(role -> role.role.seesWholeClass())
                .map(role -> role.classId)
                .toList();
    }

    /** Ids of the classes that the signed-in adult may change. */
    public List<Long> changeable() {
        return roles().entrySet().stream()
                .filter(each -> each.getValue().mayChange())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Takes the adult's role in the class away. */
    public void withdraw(long classId, long adultId) {
        roles.findByClassIdAndAdultId(classId, adultId).ifPresent(roles::delete);
    }

    /** Who is what in each of these classes, in one read. */
    public Map<Long, Map<Long, ClassRole>> adultsOf(Collection<Long> classIds) {
        Map<Long, Map<Long, ClassRole>> byClass = new LinkedHashMap<>();
        roles.findByClassIdIn(classIds)
                .forEach(each -> byClass.computeIfAbsent(each.classId, id -> new LinkedHashMap<>())
                        .put(each.adultId, each.role));
        return byClass;
    }

    /** Who is what in a class. */
    public Map<Long, ClassRole> adultsOf(long classId) {
        return adultsOf(List.of(classId)).getOrDefault(classId, Map.of());
    }

    /** A role that a list of another system gave, with its id there. */
    public record ListedRole(long classId, long adultId, ClassRole role, String sourceId) {}

    /** The roles in these classes that came from lists. */
    public List<ListedRole> listed(Collection<Long> classIds) {
        return roles.findByClassIdIn(classIds).stream()
                .filter(each -> each.sourceId != null)
                .map(each -> new ListedRole(each.classId, each.adultId, each.role, each.sourceId))
                .toList();
    }

    /** Gives the adult this role in the class, in place of any other. */
    public void grant(long classId, long adultId, ClassRole role) {
        grant(classId, adultId, role, null);
    }

    /** As {@link #grant(long, long, ClassRole)}, from a list in which the role has this id. */
    public void grant(long classId, long adultId, ClassRole role, @Nullable String sourceId) {
        ClassAdult granted = roles.findByClassIdAndAdultId(classId, adultId).orElseGet(ClassAdult::new);
        granted.classId = classId;
        granted.adultId = adultId;
        granted.role = role;
        granted.sourceId = sourceId;
        roles.save(granted);
    }
}
