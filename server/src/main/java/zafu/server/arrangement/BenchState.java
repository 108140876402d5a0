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
import zafu.server.platform.Refusal;

/**
 * The whole of a bench at one moment: its groups and who is in which. A value; every deed makes a new one.
 *
 * @param groups those on the bench, lowest scores first
 * @param placed student id to group id
 * @param locked ids of students whom no method and no cut moves; each is placed
 */
record BenchState(List<Group> groups, Map<Long, Long> placed, Set<Long> locked) {
    static final int MOST_GROUPS = 30;

    BenchState {
        groups = List.copyOf(groups);
        placed = new TreeMap<>(placed);
        // Steps kept before there were locks name none.
        locked = locked == null ? Set.of() : new TreeSet<>(locked);
    }

    record Group(long id, String name, int look, String note) {}

    Group group(long groupId) {
        return groups.stream()
                .filter(group -> group.id == groupId)
                .findFirst()
                .orElseThrow(() -> Refusal.notFound("group"));
    }

    List<Long> membersOf(long groupId) {
        return placed.entrySet().stream()
                .filter(each -> each.getValue() == groupId)
                .map(Map.Entry::getKey)
                .toList();
    }

    Optional<Long> groupOf(long studentId) {
        return Optional.ofNullable(placed.get(studentId));
    }

    BenchState place(Collection<Long> students, Optional<Long> groupId) {
        groupId.ifPresent(this::group);
        Map<Long, Long> now = new TreeMap<>(placed);
        students.forEach(student -> {
            if (groupId.isPresent()) {
                now.put(student, groupId.get());
            } else {
                now.remove(student);
            }
        });
        Set<Long> stillLocked = new TreeSet<>(locked);
        stillLocked.retainAll(now.keySet());
        return new BenchState(groups, now, stillLocked);
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
        return new BenchState(groups, placed, now);
    }

    BenchState with(Group added) {
        if (groups.size() >= MOST_GROUPS) {
            throw Refusal.unusable("too-many-groups", "A bench holds at most " + MOST_GROUPS + " groups.");
        }
        List<Group> now = new ArrayList<>(groups);
        now.add(added);
        return new BenchState(now, placed, locked);
    }

    BenchState renamed(long groupId, String name) {
        boolean taken = groups.stream().anyMatch(each -> each.id != groupId && each.name.equalsIgnoreCase(name));
        if (taken) {
            throw Refusal.unusableField("name-taken", "text", "Another group is called \"" + name + "\" already.");
        }
        return changed(groupId, group -> new Group(group.id, name, group.look, group.note));
    }

    /** As {@link #renamed}, but left as it is where another group has the name or it is too long. */
    BenchState calledIfFree(long groupId, String name) {
        boolean free = name.length() <= 60 && groups.stream().noneMatch(each -> each.name.equalsIgnoreCase(name));
        return free ? renamed(groupId, name) : this;
    }

    BenchState noted(long groupId, String note) {
        return changed(groupId, group -> new Group(group.id, group.name, group.look, note));
    }

    BenchState merged(long into, long from) {
        if (into == from) {
            throw Refusal.unusable("same-group", "A group cannot be merged with itself.");
        }
        group(from);
        return place(membersOf(from), Optional.of(into)).without(from);
    }

    /** Its members are not placed afterwards. */
    BenchState without(long groupId) {
        group(groupId);
        BenchState emptied = place(membersOf(groupId), Optional.empty());
        return new BenchState(
                groups.stream().filter(group -> group.id != groupId).toList(), emptied.placed, emptied.locked);
    }

    /** Groups as they are, nobody placed but those who are locked. */
    BenchState emptied() {
        Map<Long, Long> staying = new TreeMap<>(placed);
        staying.keySet().retainAll(locked);
        return new BenchState(groups, staying, locked);
    }

    private BenchState changed(long groupId, UnaryOperator<Group> change) {
        group(groupId);
        return new BenchState(
                groups.stream()
                        .map(group -> group.id == groupId ? change.apply(group) : group)
                        .toList(),
                placed,
                locked);
    }
}
