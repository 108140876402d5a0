package zafu.core.bench;

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
import zafu.core.grouping.CutPlacement;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.Rules;
import zafu.core.grouping.Scored;
import zafu.core.grouping.SimilarScores;
import zafu.core.grouping.Sizes;
import zafu.core.roster.StudentId;

/**
 * The whole of a bench at one moment: its groups and who is in which. A value; every deed makes a new one.
 *
 * @param groups those on the bench, lowest scores first
 * @param placed student id to group id
 * @param locked ids of students whom no method and no cut moves; each is placed
 * @param also student id to the further groups of a student who is in several; each of them is placed
 */
public record BenchState(List<Group> groups, Map<Long, Long> placed, Set<Long> locked, Map<Long, Set<Long>> also) {
    public static final int MOST_GROUPS = 30;
    public static final int LONGEST_NAME = 60;

    public BenchState {
        groups = List.copyOf(groups);
        placed = new TreeMap<>(placed);
        locked = new TreeSet<>(locked);
        also = new TreeMap<>(also);
    }

    /**
     * @param studentName what students call it; absent where they are told no name
     * @param leads ids of the adults who lead it
     */
    public record Group(long id, String name, int look, String note, @Nullable String studentName, Set<Long> leads) {
        public Group {
            leads = new TreeSet<>(leads);
        }

        public static Group plain(long id, String name, int look) {
            return new Group(id, name, look, "", null, Set.of());
        }

        public Group called(String name, @Nullable String studentName) {
            return new Group(id, name, look, note, studentName, leads);
        }

        public Group noted(String note) {
            return new Group(id, name, look, note, studentName, leads);
        }

        public Group ledBy(Collection<Long> adults) {
            return new Group(id, name, look, note, studentName, new TreeSet<>(adults));
        }
    }

    public Group group(long groupId) {
        return groups.stream()
                .filter(group -> group.id == groupId)
                .findFirst()
                .orElseThrow(() -> new CannotBeDone(CannotBeDone.Because.NO_SUCH_GROUP));
    }

    /** In the order of their ids, those who are in it among others too. */
    public List<Long> membersOf(long groupId) {
        return placed.keySet().stream()
                .filter(student -> groupsOf(student).contains(groupId))
                .toList();
    }

    /** The student's first group. */
    public Optional<Long> groupOf(long studentId) {
        return Optional.ofNullable(placed.get(studentId));
    }

    /** All groups of the student, the first one first. */
    public List<Long> groupsOf(long studentId) {
        List<Long> all = new ArrayList<>();
        groupOf(studentId).ifPresent(all::add);
        all.addAll(also.getOrDefault(studentId, Set.of()));
        return all;
    }

    /** Gives students this group in place of all they have. */
    public BenchState place(Collection<Long> students, Optional<Long> groupId) {
        groupId.ifPresent(this::group);
        BenchState now = this;
        for (long student : students) {
            now = now.with(student, groupId.stream().toList());
        }
        return now;
    }

    /** Puts students into a group beside those they are in. */
    public BenchState placeAlso(Collection<Long> students, long groupId) {
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
    public BenchState takenFrom(Collection<Long> students, long groupId) {
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

    public BenchState locked(Collection<Long> students, boolean lock) {
        Set<Long> now = new TreeSet<>(locked);
        for (long student : students) {
            if (!lock) {
                now.remove(student);
            } else if (placed.containsKey(student)) {
                now.add(student);
            } else {
                throw new CannotBeDone(CannotBeDone.Because.NOT_PLACED);
            }
        }
        return new BenchState(groups, placed, now, also);
    }

    public BenchState with(Group added) {
        return with(added, groups.size());
    }

    public BenchState with(Group added, int place) {
        if (groups.size() >= MOST_GROUPS) {
            throw new CannotBeDone(CannotBeDone.Because.TOO_MANY_GROUPS);
        }
        List<Group> now = new ArrayList<>(groups);
        now.add(place, added);
        return new BenchState(now, placed, locked, also);
    }

    public BenchState renamed(long groupId, String name, @Nullable String studentName) {
        boolean taken = groups.stream().anyMatch(each -> each.id != groupId && each.name.equalsIgnoreCase(name));
        if (taken) {
            throw new CannotBeDone(CannotBeDone.Because.NAME_TAKEN, name);
        }
        return changed(groupId, group -> group.called(name, studentName));
    }

    /** As {@link #renamed}, but left as it is where another group has the name or it is too long. */
    public BenchState calledIfFree(long groupId, String name) {
        boolean free =
                name.length() <= LONGEST_NAME && groups.stream().noneMatch(each -> each.name.equalsIgnoreCase(name));
        return free ? renamed(groupId, name, group(groupId).studentName) : this;
    }

    public BenchState changed(long groupId, UnaryOperator<Group> change) {
        group(groupId);
        return new BenchState(
                groups.stream()
                        .map(group -> group.id == groupId ? change.apply(group) : group)
                        .toList(),
                placed,
                locked,
                also);
    }

    public BenchState merged(long into, long from) {
        if (into == from) {
            throw new CannotBeDone(CannotBeDone.Because.SAME_GROUP);
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
    public BenchState without(long groupId) {
        group(groupId);
        BenchState emptied = takenFrom(membersOf(groupId), groupId);
        return new BenchState(
                groups.stream().filter(group -> group.id != groupId).toList(),
                emptied.placed,
                emptied.locked,
                emptied.also);
    }

    /** Groups as they are, nobody placed but those who are locked. */
    public BenchState emptied() {
        return onlyWith(locked);
    }

    /** Groups as they are, nobody placed who is not among these. */
    public BenchState onlyWith(Set<Long> students) {
        Map<Long, Long> staying = new TreeMap<>(placed);
        staying.keySet().retainAll(students);
        Map<Long, Set<Long>> alsoStaying = new TreeMap<>(also);
        alsoStaying.keySet().retainAll(students);
        Set<Long> stillLocked = new TreeSet<>(locked);
        stillLocked.retainAll(students);
        return new BenchState(groups, staying, stillLocked, alsoStaying);
    }

    /**
     * Deals two neighbours anew by a cut between them; no other group is touched, and who is locked stays. Rule 2, the cut
     * between adjacent groups.
     *
     * @param values of everyone who has one, better the larger
     * @param cut in the same direction
     */
    public BenchState dealtByCut(long lower, long upper, double cut, List<Scored> values) {
        Set<Long> both = new TreeSet<>(membersOf(lower));
        both.addAll(membersOf(upper));
        both.removeAll(locked);
        List<Scored> students = values.stream()
                .filter(each -> both.contains(each.student().value()))
                .toList();
        List<List<StudentId>> dealt = CutPlacement.deal(students, List.of(cut));
        return place(ids(dealt.get(0)), Optional.of(upper)).place(ids(dealt.get(1)), Optional.of(lower));
    }

    /** The better half of a group, by {@link SimilarScores}. */
    public List<Long> upperHalf(long groupId, List<Scored> values) {
        List<Scored> scored = of(membersOf(groupId), values);
        if (scored.size() < 2) {
            throw new CannotBeDone(CannotBeDone.Because.TOO_FEW_SCORES);
        }
        Proposal halves = new SimilarScores(scored, 2, new Sizes(1, scored.size())).propose(Rules.NONE, 0);
        return ids(((Proposal.Groups) halves).groups().get(0));
    }

    /** Those who leave get a group beside the one they leave, on the side that their values say. */
    public BenchState split(long groupId, List<Long> leaving, Group made, List<Scored> values) {
        List<Long> members = membersOf(groupId);
        if (leaving.isEmpty() || leaving.size() == members.size()) {
            throw new CannotBeDone(CannotBeDone.Because.NOTHING_TO_SPLIT);
        }
        List<Scored> scored = of(members, values);
        boolean above = mean(scored, leaving, true) >= mean(scored, leaving, false);
        int place = groups.indexOf(group(groupId)) + (above ? 1 : 0);
        return with(made, place).placeAlso(leaving, made.id).takenFrom(leaving, groupId);
    }

    private static List<Scored> of(List<Long> members, List<Scored> values) {
        return values.stream()
                .filter(each -> members.contains(each.student().value()))
                .toList();
    }

    private static double mean(List<Scored> scored, List<Long> leaving, boolean ofThose) {
        return scored.stream()
                .filter(each -> leaving.contains(each.student().value()) == ofThose)
                .mapToDouble(Scored::value)
                .average()
                .orElse(0);
    }

    /**
     * Groups of a proposal take over the groups that stand at their place, so that names and work stay with them; nobody
     * but those who are locked stays where they were.
     *
     * @param proposed lowest first, no more than this has groups
     */
    public BenchState dealt(List<List<StudentId>> proposed) {
        BenchState state = emptied();
        for (int i = 0; i < proposed.size(); i++) {
            state = state.place(ids(proposed.get(i)), Optional.of(groups.get(i).id));
        }
        return state;
    }

    private static List<Long> ids(List<StudentId> students) {
        return students.stream().map(StudentId::value).toList();
    }
}
