package zafu.server.arrangement;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchState;

/** Reads the state of a bench from the tables and writes a new one, keeping from when to when each student was where. */
@Component
class BenchStore {
    private final ArrangementGroupRepository groups;
    private final GroupLeadRepository leads;
    private final MembershipRepository memberships;
    private final Clock clock;

    BenchStore(
            ArrangementGroupRepository groups,
            GroupLeadRepository leads,
            MembershipRepository memberships,
            Clock clock) {
        this.groups = groups;
        this.leads = leads;
        this.memberships = memberships;
        this.clock = clock;
    }

    BenchState read(long arrangementId) {
        List<ArrangementGroup> rows =
                groups.findByArrangementIdInOrderByArrangementIdAscPlaceAsc(List.of(arrangementId)).stream()
                        .filter(group -> !group.removed)
                        .toList();
        Map<Long, Set<Long>> leadsOf = leads
                .findByGroupIdIn(rows.stream().map(row -> row.id).toList())
                .stream()
                .collect(Collectors.groupingBy(
                        each -> each.groupId, Collectors.mapping(each -> each.adultId, Collectors.toSet())));
        List<BenchState.Group> onBench = rows.stream()
                .map(row -> new BenchState.Group(
                        row.id, row.name, row.look, row.note, row.studentName, leadsOf.getOrDefault(row.id, Set.of())))
                .toList();
        Map<Long, Long> placed = new LinkedHashMap<>();
        Map<Long, Set<Long>> also = new TreeMap<>();
        Set<Long> locked = new TreeSet<>();
        memberships.findByArrangementIdInAndToAtIsNull(List.of(arrangementId)).forEach(each -> {
            if (each.also) {
                also.computeIfAbsent(each.studentId, id -> new TreeSet<>()).add(each.groupId);
            } else {
                placed.put(each.studentId, each.groupId);
            }
            if (each.locked) {
                locked.add(each.studentId);
            }
        });
        return new BenchState(onBench, placed, locked, also);
    }

    /** A group that exists but is in no state yet; it shows once a state that holds it is written. */
    BenchState.Group newGroup(long arrangementId, String name, int look) {
        ArrangementGroup made = new ArrangementGroup();
        made.arrangementId = arrangementId;
        made.name = name;
        made.look = look;
        made.removed = true;
        return BenchState.Group.plain(groups.save(made).id, name, look);
    }

    /** @param by whose deed it is */
    void write(long arrangementId, BenchState before, BenchState after, long by) {
        writeGroups(arrangementId, after);
        if (!leadsOf(before).equals(leadsOf(after))) {
            writeLeads(after);
        }
        writeMemberships(arrangementId, after, by);
    }

    private static Map<Long, Set<Long>> leadsOf(BenchState state) {
        return state.groups().stream().collect(Collectors.toMap(BenchState.Group::id, BenchState.Group::leads));
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
            row.studentName = group.studentName();
        }
        groups.saveAll(rows.values());
    }

    private void writeLeads(BenchState after) {
        List<GroupLead> there = leads.findByGroupIdIn(
                after.groups().stream().map(BenchState.Group::id).toList());
        Map<Long, Set<Long>> wanted = leadsOf(after);
        leads.deleteAll(there.stream()
                .filter(each -> !wanted.get(each.groupId).contains(each.adultId))
                .toList());
        List<GroupLead> made = new ArrayList<>();
        wanted.forEach((group, adults) -> adults.stream()
                .filter(adult -> there.stream().noneMatch(each -> each.groupId == group && each.adultId == adult))
                .forEach(adult -> {
                    GroupLead lead = new GroupLead();
                    lead.groupId = group;
                    lead.adultId = adult;
                    made.add(lead);
                }));
        leads.saveAll(made);
    }

    private record Place(long student, long group) {}

    private void writeMemberships(long arrangementId, BenchState after, long by) {
        Instant now = clock.instant();
        Set<Place> missing = new LinkedHashSet<>();
        after.placed().keySet().forEach(student -> after.groupsOf(student)
                .forEach(group -> missing.add(new Place(student, group))));
        List<Membership> changed = new ArrayList<>();
        for (Membership open : memberships.findByArrangementIdInAndToAtIsNull(List.of(arrangementId))) {
            boolean stays = missing.remove(new Place(open.studentId, open.groupId));
            boolean locked = after.locked().contains(open.studentId);
            boolean also = stays && !after.groupOf(open.studentId).orElseThrow().equals(open.groupId);
            if (!stays) {
                open.toAt = now;
                changed.add(open);
            } else if (open.locked != locked || open.also != also) {
                open.locked = locked;
                open.also = also;
                changed.add(open);
            }
        }
        for (Place place : missing) {
            Membership opened = new Membership();
            opened.arrangementId = arrangementId;
            opened.groupId = place.group();
            opened.studentId = place.student();
            opened.fromAt = now;
            opened.locked = after.locked().contains(place.student());
            opened.also = !after.groupOf(place.student()).orElseThrow().equals(place.group());
            opened.placedBy = by;
            changed.add(opened);
        }
        memberships.saveAll(changed);
    }
}
