package zafu.server.arrangement;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;
import zafu.server.platform.Remembered;

/** Who is in which group now, for the other features. Permission is theirs to check. */
@Service
public class Arrangements {
    private final ArrangementRepository arrangements;
    private final ArrangementGroupRepository groups;
    private final MembershipRepository memberships;
    private final CurrentPerson current;
    private final Remembered<Set<Long>, List<GroupWithMembers>> remembered = new Remembered<>();

    Arrangements(
            ArrangementRepository arrangements,
            ArrangementGroupRepository groups,
            MembershipRepository memberships,
            CurrentPerson current) {
        this.arrangements = arrangements;
        this.groups = groups;
        this.memberships = memberships;
        this.current = current;
    }

    /**
     * A group on a bench, with its present members.
     *
     * @param onlyFor the adult who keeps its arrangement to themselves; absent where its classes see it
     */
    public record GroupWithMembers(
            GroupId id,
            long arrangementId,
            String arrangementName,
            String name,
            int look,
            Set<StudentId> members,
            @Nullable Long onlyFor) {}

    /** All groups of all arrangements of a class, in the order of the benches. */
    public List<GroupWithMembers> ofClass(long classId) {
        return ofClasses(List.of(classId));
    }

    /** As {@link #ofClass}, without those that another adult than the signed-in one keeps to themselves. */
    public List<GroupWithMembers> seenOfClass(long classId) {
        return seenOfClasses(List.of(classId));
    }

    /** As {@link #seenOfClass}, of several classes, in three reads. */
    public List<GroupWithMembers> seenOfClasses(Collection<Long> classIds) {
        return groupsOf(seen(classIds).toList());
    }

    /** As {@link #ofClass}, those of arrangements that were put away too: who was in them keeps the work given to them. */
    public List<GroupWithMembers> everOfClass(long classId) {
        return groupsOf(arrangements.ever(List.of(classId)));
    }

    /** All groups of all arrangements of several classes, in three reads. */
    public List<GroupWithMembers> ofClasses(Collection<Long> classIds) {
        return groupsOf(arrangements.inUse(classIds));
    }

    /** Whether a class has any group. */
    public boolean hasGroups(long classId) {
        return !remembered.get(Set.of(classId), this::ofClasses).isEmpty();
    }

    List<GroupWithMembers> groupsOf(Collection<Arrangement> of) {
        Map<Long, Arrangement> byId = new LinkedHashMap<>();
        of.forEach(each -> byId.put(each.id, each));
        Map<Long, Set<StudentId>> members = new LinkedHashMap<>();
        memberships.findByArrangementIdInAndToAtIsNull(byId.keySet()).forEach(each -> members.computeIfAbsent(
                        each.groupId, id -> new TreeSet<>())
                .add(new StudentId(each.studentId)));
        return groups.findByArrangementIdInOrderByArrangementIdAscPlaceAsc(byId.keySet()).stream()
                .filter(group -> !group.removed)
                .map(group -> new GroupWithMembers(
                        new GroupId(group.id),
                        group.arrangementId,
                        byId.get(group.arrangementId).name,
                        group.name,
                        group.look,
                        members.getOrDefault(group.id, Set.of()),
                        byId.get(group.arrangementId).onlyFor()))
                .toList();
    }

    /** A group of an arrangement in use, and the class that looks after it. */
    public record GroupOfClass(long id, long classId, long arrangementId, String name, Set<StudentId> members) {
        public boolean has(long studentId) {
            return members.contains(new StudentId(studentId));
        }
    }

    /** A group that the signed-in person may know of: what another adult keeps to themselves is not found. */
    public GroupOfClass group(long groupId) {
        ArrangementGroup group =
                groups.findById(groupId).filter(found -> !found.removed).orElseThrow(() -> Refusal.notFound("group"));
        Arrangement arrangement = arrangements
                .findById(group.arrangementId)
                .filter(found -> found.deletedAt == null && found.isSeenBy(current.anyAdultId()))
                .orElseThrow(() -> Refusal.notFound("group"));
        Set<StudentId> members = new TreeSet<>();
        memberships.findByArrangementIdInAndToAtIsNull(List.of(arrangement.id)).stream()
                .filter(each -> each.groupId == groupId)
                .forEach(each -> members.add(new StudentId(each.studentId)));
        return new GroupOfClass(groupId, arrangement.classId, arrangement.id, group.name, members);
    }

    /** Who is in any of these groups now; nobody in those that are no more. */
    public Set<StudentId> membersOf(Collection<Long> groupIds) {
        Set<StudentId> members = new TreeSet<>();
        memberships.findByGroupIdInAndToAtIsNull(groupIds).forEach(each -> members.add(new StudentId(each.studentId)));
        return members;
    }

    /** What students call these groups; those without such a name are left out. */
    public Map<Long, String> studentNames(Collection<Long> groupIds) {
        Map<Long, String> names = new LinkedHashMap<>();
        groups.findAllById(groupIds).stream()
                .filter(each -> each.studentName != null && !each.studentName.isBlank())
                .forEach(each -> names.put(each.id, each.studentName));
        return names;
    }

    /** What adults call these groups, the removed ones too. */
    public Map<Long, String> groupNames(Collection<Long> groupIds) {
        return groups.findAllById(groupIds).stream().collect(Collectors.toMap(each -> each.id, each -> each.name));
    }

    /** The names of these arrangements, those put away too. */
    public Map<Long, String> names(Collection<Long> arrangementIds) {
        return arrangements.findAllById(arrangementIds).stream()
                .collect(Collectors.toMap(each -> each.id, each -> each.name));
    }

    /** The groups in which a student is, of arrangements in use. */
    public List<Long> groupsOfStudent(long studentId) {
        Map<Long, Long> arrangementOf = new LinkedHashMap<>();
        memberships
                .findByStudentIdAndToAtIsNull(studentId)
                .forEach(each -> arrangementOf.put(each.groupId, each.arrangementId));
        Set<Long> inUse = new TreeSet<>();
        arrangements.findAllById(arrangementOf.values()).stream()
                .filter(each -> each.deletedAt == null && current.isToldOf(each.classId))
                .forEach(each -> inUse.add(each.id));
        return arrangementOf.entrySet().stream()
                .filter(each -> inUse.contains(each.getValue()))
                .map(Map.Entry::getKey)
                .toList();
    }

    /** An arrangement by name. */
    public record ArrangementName(long id, long classId, String name) {}

    /** Those that the signed-in adult sees. */
    public List<ArrangementName> named(Collection<Long> classIds) {
        return seen(classIds)
                .map(each -> new ArrangementName(each.id, each.classId, each.name))
                .toList();
    }

    /**
     * Some students as one group of an arrangement has them.
     *
     * @param id absent for those in none of its groups, as is the look; the name is empty then
     * @param students in the order in which they were asked for
     */
    public record Gathered(@Nullable Long id, String name, @Nullable Integer look, List<StudentId> students) {}

    /** Students by the groups of one arrangement of these classes, in its order, and last those in none, if any. */
    public List<Gathered> gathered(
            Collection<Long> classIds, @Nullable Long arrangementId, Collection<StudentId> students) {
        Set<StudentId> left = new LinkedHashSet<>(students);
        List<Gathered> gathered = new ArrayList<>();
        Optional<Long> adult = current.anyAdultId();
        for (GroupWithMembers group : remembered.get(Set.copyOf(classIds), this::ofClasses)) {
            if (Sight.isFor(adult, group.onlyFor()) && Objects.equals(group.arrangementId(), arrangementId)) {
                List<StudentId> members =
                        students.stream().filter(group.members()::contains).toList();
                members.forEach(left::remove);
                gathered.add(new Gathered(group.id().value(), group.name(), group.look(), members));
            }
        }
        if (!left.isEmpty()) {
            gathered.add(new Gathered(null, "", null, List.copyOf(left)));
        }
        return gathered;
    }

    /** When an arrangement of a class holds. */
    public record PeriodOf(long id, String name, LocalDate beginsOn, LocalDate endsOn) {}

    /** Arrangements of a class that are in use, by the day on which they begin. */
    public List<PeriodOf> periodsOf(long classId) {
        return seen(List.of(classId))
                .map(each -> new PeriodOf(each.id, each.name, each.beginsOn, each.endsOn))
                .sorted(Comparator.comparing(PeriodOf::beginsOn))
                .toList();
    }

    /** The subjects of a class's arrangements by id. */
    public Map<Long, String> subjectsOf(long classId) {
        Map<Long, String> subjects = new LinkedHashMap<>();
        arrangements.ever(List.of(classId)).forEach(each -> subjects.put(each.id, each.subject));
        return subjects;
    }

    public boolean belongsTo(long arrangementId, long classId) {
        return seen(List.of(classId)).anyMatch(found -> found.id == arrangementId);
    }

    private Stream<Arrangement> seen(Collection<Long> classIds) {
        Optional<Long> adult = current.anyAdultId();
        return arrangements.inUse(classIds).stream().filter(each -> each.isSeenBy(adult));
    }

    @EventListener
    void on(GroupsChanged change) {
        remembered.changed();
    }
}
