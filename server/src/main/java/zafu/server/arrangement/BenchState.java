package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import zafu.server.platform.Refusal;

/**
 * The whole of a bench at one moment: its groups and who is in which. A value; every deed makes a new one.
 *
 * @param groups those on the bench, lowest scores first
 * @param placed student id to group id
 * @param locked ids of students whom no method and no cut moves; each is placed
 * @param also student id to the further groups of a student who is in several; each of them is placed
 */
record BenchState(List<Group> groups, Map<Long, Long> placed, Set<Long> locked, Map<Long, Set<Long>> also) {
    static final int MOST_GROUPS = 30;

    BenchState {
        groups = List.copyOf(groups);
        placed = new TreeMap<>(placed);
        // Steps kept before there were locks, or students in several groups, name none.
        locked = locked == null ? Set.of() : new TreeSet<>(locked);
        also = also == null ? Map.of() : new TreeMap<>(also);
    }

    /**
     * @param studentName what students call it; absent where they are told no name
     * @param leads ids of the adults who lead it
     */
    record Group(long id, String name, int look, String note, @Nullable String studentName, Set<Long> leads) {
        Group {
            leads = leads == null ? Set.of() : new TreeSet<>(leads);
        }

        static Group plain(long id, String name, int look) {
            return new Group(id, name, look, "", null, Set.of());
        }

        Group called(String name, @Nullable String studentName) {
            return new Group(id, name, look, note, studentName, leads);
        }

        Group noted(String note) {
            return new Group(id, name, look, note, studentName, leads);
        }

        Group ledBy(Collection<Long> adults) {
            return new Group(id, name, look, note, studentName, new TreeSet<>(adults));
        }
    }

    Group group(long groupId) {
        return groups.stream()
                .filter(group -> group.id == groupId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("group"));
    }

    /** In the order of their ids, those who are in it among others too. */
    List<Long> membersOf(long groupId) {
        return placed.keySet().stream()
                .filter(student -> groupsOf(student).contains(groupId))
                .toList();
    }

    /** The student's first group. */
    Optional<Long> groupOf(long studentId) {
        return Optional.ofNullable(placed.get(studentId));
    }

    /** All groups of the student, the first one first. */
    List<Long> groupsOf(long studentId) {
        List<Long> all = new ArrayList<>();
        groupOf(studentId).ifPresent(all::add);
        all.addAll(also.getOrDefault(studentId, Set.of()));
        return all;
    }

    /** Gives students this group in place of all they have. */
    BenchState place(Collection<Long> students, Optional<Long> groupId) {
        groupId.ifPresent(this::group);
        BenchState now = this;
        for (long student : students) {
            now = now.with(student, groupId.stream().toList());
        }
        return now;
    }

    /** Puts students into a group beside those they are in. */
    BenchState placeAlso(Collection<Long> students, long groupId) {
        group(groupId);
        BenchState now = this;
        for (long student : students) {
            List<Long> groupsThen = new ArrayList<>(groupsOf(student));
            if (!groupsThen.contains(groupId)) {
                groupsThen.add(groupId);
            }
            now = now.with(student, groupsThen);
        }
        return now;
    }

    /** Takes students out of one of their groups. */
    BenchState takenFrom(Collection<Long> students, long groupId) {
        BenchState now = this;
        for (long student : students) {
            now = now.with(
                    student,
                    groupsOf(student).stream().filter(group -> group != groupId).toList());
        }
        return now;
    }

    private BenchState with(long student, List<Long> groupsThen) {
        Map<Long, Long> placedThen = new TreeMap<>(placed);
        Map<Long, Set<Long>> alsoThen = new TreeMap<>(also);
        Set<Long> lockedThen = new TreeSet<>(locked);
        placedThen.remove(student);
        alsoThen.remove(student);
        if (groupsThen.isEmpty()) {
            lockedThen.remove(student);
        } else {
            placedThen.put(student, groupsThen.get(0));
        }
        if (groupsThen.size() > 1) {
            alsoThen.put(student, new TreeSet<>(groupsThen.subList(1, groupsThen.size())));
        }
        return new BenchState(groups, placedThen, lockedThen, alsoThen);
    }

    BenchState locked(Collection<Long> students, boolean lock) {
        Set<Long> now = new TreeSet<>(locked);
        for (long student : students) {
            if (!lock) {
                now.remove(student);
            } else if (placed.containsKey(student)) {
                now.add(student);
            } else {
                throw Refusal.unusable("not-placed", "Only who is in a group can be locked there.");
            }
        }
        return new BenchState(groups, placed, now, also);
    }

    BenchState with(Group added) {
        return with(added, groups.size());
    }

    BenchState with(Group added, int place) {
        if (groups.size() >= MOST_GROUPS) {
            throw Refusal.unusable("too-many-groups", "A bench holds at most " + MOST_GROUPS + " groups.");
        }
        List<Group> now = new ArrayList<>(groups);
        now.add(place, added);
        return new BenchState(now, placed, locked, also);
    }

    BenchState renamed(long groupId, String name, @Nullable String studentName) {
        boolean taken = groups.stream().anyMatch(each -> each.id != groupId && each.name.equalsIgnoreCase(name));
        if (taken) {
            throw Refusal.unusableField("name-taken", "text", "Another group is called \"" + name + "\" already.");
        }
        return changed(groupId, group -> group.called(name, studentName));
    }

    /** As {@link #renamed}, but left as it is where another group has the name or it is too long. */
    BenchState calledIfFree(long groupId, String name) {
        boolean free = name.length() <= 60 && groups.stream().noneMatch(each -> each.name.equalsIgnoreCase(name));
        return free ? renamed(groupId, name, group(groupId).studentName) : this;
    }

    BenchState changed(long groupId, UnaryOperator<Group> change) {
        group(groupId);
        return new BenchState(
                groups.stream()
                        .map(group -> group.id == groupId ? change.apply(group) : group)
                        .toList(),
                placed,
                locked,
                also);
    }

    BenchState merged(long into, long from) {
        if (into == from) {
            throw Refusal.unusable("same-group", "A group cannot be merged with itself.");
        }
        group(from);
        BenchState now = this;
        for (long member : membersOf(from)) {
            List<Long> groupsThen = now.groupsOf(member).stream()
                    .map(group -> group == from ? into : (long) group)
                    .distinct()
                    .toList();
            now = now.with(member, groupsThen);
        }
        return now.without(from);
    }

    /** Its members are not placed afterwards, but for those who are in another group too. */
    BenchState without(long groupId) {
        group(groupId);
        BenchState emptied = takenFrom(membersOf(groupId), groupId);
        return new BenchState(
                groups.stream().filter(group -> group.id != groupId).toList(),
                emptied.placed,
                emptied.locked,
                emptied.also);
    }

    /** Groups as they are, nobody placed but those who are locked. */
    BenchState emptied() {
        return onlyWith(locked);
    }

    /** Groups as they are, nobody placed who is not among these. */
    BenchState onlyWith(Set<Long> students) {
        Map<Long, Long> staying = new TreeMap<>(placed);
        staying.keySet().retainAll(students);
        Map<Long, Set<Long>> alsoStaying = new TreeMap<>(also);
        alsoStaying.keySet().retainAll(students);
        Set<Long> stillLocked = new TreeSet<>(locked);
        stillLocked.retainAll(students);
        return new BenchState(groups, staying, stillLocked, alsoStaying);
    }
}
