package zafu.core.grouping;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import zafu.core.roster.StudentId;

/** Finds the smallest contradiction in rules that cannot all hold, the plainest kinds first. */
final class Clashes {
    private final List<StudentId> students;
    private final Rules rules;
    private final Room room;
    private final List<Set<StudentId>> shared;

    private Clashes(List<StudentId> students, Rules rules, Room room) {
        this.students = students;
        this.rules = rules;
        this.room = room;
        this.shared = shared();
    }

    /** What can be seen without seating anybody; empty where the rules may all hold. */
    static Optional<Contradiction> plain(List<StudentId> students, Rules rules, Room room) {
        Clashes clashes = new Clashes(students, rules, room);
        return clashes.lockedOutside()
                .or(clashes::lockedApart)
                .or(clashes::togetherAndApart)
                .or(clashes::tooManyTogether)
                .or(clashes::tooManyApart);
    }

    /** For rules under which no seating was found: those of them that are needed for the clash. */
    static Contradiction least(List<StudentId> students, Rules rules, Room room) {
        List<Rules> parts = new ArrayList<>(partsOf(rules));
        for (int i = parts.size() - 1; i >= 0; i--) {
            List<Rules> without = new ArrayList<>(parts);
            without.remove(i);
            if (Seating.find(new Blocks(students, joined(without)), room).isEmpty()) {
                parts = without;
            }
        }
        return new Contradiction.RulesClash(joined(parts));
    }

    /** Each rule by itself. */
    static List<Rules> partsOf(Rules rules) {
        List<Rules> parts = new ArrayList<>();
        rules.locked().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(each ->
                        parts.add(new Rules(Map.of(each.getKey(), each.getValue()), List.of(), List.of(), List.of())));
        rules.together().forEach(set -> parts.add(new Rules(Map.of(), List.of(set), List.of(), List.of())));
        rules.apart().forEach(pair -> parts.add(new Rules(Map.of(), List.of(), List.of(pair), List.of())));
        return parts;
    }

    static Rules joined(List<Rules> parts) {
        Map<StudentId, Integer> locked = new HashMap<>();
        parts.forEach(part -> locked.putAll(part.locked()));
        return new Rules(
                locked,
                parts.stream().flatMap(part -> part.together().stream()).toList(),
                parts.stream().flatMap(part -> part.apart().stream()).toList(),
                parts.stream().flatMap(part -> part.wishes().stream()).toList());
    }

    /** Sets of students who have to share a group, by the keep-together rules. */
    private List<Set<StudentId>> shared() {
        Blocks blocks = new Blocks(students, new Rules(Map.of(), rules.together(), List.of(), List.of()));
        List<Set<StudentId>> sets = new ArrayList<>();
        for (int[] members : blocks.members) {
            if (members.length > 1) {
                sets.add(Arrays.stream(members).mapToObj(students::get).collect(Collectors.toSet()));
            }
        }
        return sets;
    }

    private Optional<Contradiction> lockedOutside() {
        return students.stream()
                .filter(each -> rules.locked().getOrDefault(each, 0) >= room.groups())
                .findFirst()
                .map(each -> new Contradiction.LockedOutside(each, room.groups()));
    }

    private Optional<Contradiction> lockedApart() {
        for (Set<StudentId> set : shared) {
            List<StudentId> locked =
                    set.stream().filter(rules.locked()::containsKey).sorted().toList();
            for (StudentId other : locked) {
                StudentId one = locked.get(0);
                if (!rules.locked().get(one).equals(rules.locked().get(other))) {
                    return Optional.of(new Contradiction.TogetherButLockedApart(one, other));
                }
            }
        }
        return Optional.empty();
    }

    private Optional<Contradiction> togetherAndApart() {
        for (Rules.Pair pair : rules.apart()) {
            Integer one = rules.locked().get(pair.one());
            if (one != null && one.equals(rules.locked().get(pair.other()))) {
                return Optional.of(new Contradiction.TogetherAndApart(pair.one(), pair.other(), true));
            }
            if (shared.stream().anyMatch(set -> set.contains(pair.one()) && set.contains(pair.other()))) {
                return Optional.of(new Contradiction.TogetherAndApart(pair.one(), pair.other(), false));
            }
        }
        return Optional.empty();
    }

    private Optional<Contradiction> tooManyTogether() {
        int largest = Arrays.stream(room.most()).max().orElse(0);
        return shared.stream()
                .filter(set -> set.size() > largest)
                .min(Comparator.comparingInt(Set::size))
                .map(set -> new Contradiction.TooManyTogether(set, largest));
    }

    /** A greedy look for students who are all apart from each other. */
    private Optional<Contradiction> tooManyApart() {
        Map<StudentId, Set<StudentId>> apart = new HashMap<>();
        rules.apart().stream()
                .filter(pair -> students.contains(pair.one()) && students.contains(pair.other()))
                .forEach(pair -> {
                    apart.computeIfAbsent(pair.one(), id -> new HashSet<>()).add(pair.other());
                    apart.computeIfAbsent(pair.other(), id -> new HashSet<>()).add(pair.one());
                });
        for (StudentId first : apart.keySet().stream().sorted().toList()) {
            List<StudentId> all = new ArrayList<>(List.of(first));
            apart.get(first).stream()
                    .sorted(Comparator.comparingInt(
                                    (StudentId id) -> -apart.get(id).size())
                            .thenComparing(Comparator.naturalOrder()))
                    .filter(next -> apart.get(next).containsAll(all))
                    .forEach(all::add);
            if (all.size() > room.groups()) {
                return Optional.of(
                        new Contradiction.TooManyApart(List.copyOf(all.subList(0, room.groups() + 1)), room.groups()));
            }
        }
        return Optional.empty();
    }
}
