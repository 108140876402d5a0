package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.UnaryOperator;
import zafu.server.platform.Refusal;

/**
 * The whole of a bench at one moment: its groups and who is in which. A value; every deed makes a new one.
 *
 * @param groups those on the bench, lowest scores first
 * @param placed student id to group id
 */
record BenchState(List<Group> groups, Map<Long, Long> placed) {
    static final int MOST_GROUPS = 30;

    BenchState {
        groups = List.copyOf(groups);
        placed = new TreeMap<>(placed);
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
        return new BenchState(groups, now);
    }

    BenchState with(Group added) {
        if (groups.size() >= MOST_GROUPS) {
            throw Refusal.unusable("too-many-groups", "A bench holds at most " + MOST_GROUPS + " groups.");
        }
        List<Group> now = new ArrayList<>(groups);
        now.add(added);
        return new BenchState(now, placed);
    }

    BenchState renamed(long groupId, String name) {
        boolean taken = groups.stream().anyMatch(each -> each.id != groupId && each.name.equalsIgnoreCase(name));
        if (taken) {
            throw Refusal.unusableField("name-taken", "text", "Another group is called \"" + name + "\" already.");
        }
        return changed(groupId, group -> new Group(group.id, name, group.look, group.note));
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
                groups.stream().filter(group -> group.id != groupId).toList(), emptied.placed);
    }

    /** Groups as they are, nobody placed. */
    BenchState emptied() {
        return new BenchState(groups, Map.of());
    }

    private BenchState changed(long groupId, UnaryOperator<Group> change) {
        group(groupId);
        return new BenchState(
                groups.stream()
                        .map(group -> group.id == groupId ? change.apply(group) : group)
                        .toList(),
                placed);
    }
}
