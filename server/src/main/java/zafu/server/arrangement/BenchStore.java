package zafu.server.arrangement;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.server.access.CurrentPerson;

/** Reads the state of a bench from the tables and writes a new one, keeping from when to when each student was where. */
@Component
class BenchStore {
    private final ArrangementGroupRepository groups;
    private final MembershipRepository memberships;
    private final CurrentPerson current;
    private final Clock clock;

    BenchStore(
            ArrangementGroupRepository groups, MembershipRepository memberships, CurrentPerson current, Clock clock) {
        this.groups = groups;
        this.memberships = memberships;
        this.current = current;
        this.clock = clock;
    }

    BenchState read(long arrangementId) {
        List<BenchState.Group> onBench =
                groups.findByArrangementIdInOrderByArrangementIdAscPlaceAsc(List.of(arrangementId)).stream()
                        .filter(group -> !group.removed)
                        .map(group -> new BenchState.Group(group.id, group.name, group.look, group.note))
                        .toList();
        Map<Long, Long> placed = new LinkedHashMap<>();
        Set<Long> locked = new TreeSet<>();
        memberships.findByArrangementIdInAndToAtIsNull(List.of(arrangementId)).forEach(each -> {
            placed.put(each.studentId, each.groupId);
            if (each.locked) {
                locked.add(each.studentId);
            }
        });
        return new BenchState(onBench, placed, locked);
    }

    /** A group that exists but is in no state yet; it shows once a state that holds it is written. */
    BenchState.Group newGroup(long arrangementId, String name, int look) {
        ArrangementGroup made = new ArrangementGroup();
        made.arrangementId = arrangementId;
        made.name = name;
        made.look = look;
        made.removed = true;
        long id = groups.save(made).id;
        return new BenchState.Group(id, name, look, "");
    }

    void write(long arrangementId, BenchState before, BenchState after) {
        writeGroups(arrangementId, after);
        writeMemberships(arrangementId, before, after);
    }

    private void writeGroups(long arrangementId, BenchState after) {
        Map<Long, ArrangementGroup> rows = groups.findByArrangementId(arrangementId).stream()
                .collect(Collectors.toMap(row -> row.id, Function.identity()));
        rows.values().forEach(row -> row.removed = true);
        int place = 0;
        for (BenchState.Group group : after.groups()) {
            ArrangementGroup row = rows.get(group.id());
            row.removed = false;
            row.place = place++;
            row.name = group.name();
            row.look = group.look();
            row.note = group.note();
        }
        groups.saveAll(rows.values());
    }

    private void writeMemberships(long arrangementId, BenchState before, BenchState after) {
        Instant now = clock.instant();
        List<Membership> changed = new ArrayList<>();
        for (Membership open : memberships.findByArrangementIdInAndToAtIsNull(List.of(arrangementId))) {
            Optional<Long> group = after.groupOf(open.studentId);
            boolean locked = after.locked().contains(open.studentId);
            if (group.isEmpty() || group.get() != open.groupId) {
                open.toAt = now;
                changed.add(open);
            } else if (open.locked != locked) {
                open.locked = locked;
                changed.add(open);
            }
        }
        after.placed().forEach((student, group) -> {
            if (!group.equals(before.placed().get(student))) {
                Membership opened = new Membership();
                opened.arrangementId = arrangementId;
                opened.groupId = group;
                opened.studentId = student;
                opened.fromAt = now;
                opened.locked = after.locked().contains(student);
                opened.placedBy = current.adult().adultId();
                changed.add(opened);
            }
        });
        memberships.saveAll(changed);
    }
}
