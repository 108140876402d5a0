package zafu.server.arrangement;

import static zafu.server.platform.Words.keptWords;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.AdultAccounts;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.Arrangements.GroupWithMembers;
import zafu.server.arrangement.SharedArrangementApi.SharedArrangement;
import zafu.server.arrangement.SharedArrangementApi.SharedGroup;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Groups that a colleague shares with the school: others take them for the students they have in common. */
@Service
class SharedArrangements {
    private final ArrangementRepository arrangements;
    private final Arrangements groups;
    private final BenchCopies copies;
    private final Pools pools;
    private final Roster roster;
    private final AdultAccounts adults;
    private final ClassPermission permission;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;

    SharedArrangements(
            ArrangementRepository arrangements,
            Arrangements groups,
            BenchCopies copies,
            Pools pools,
            Roster roster,
            AdultAccounts adults,
            ClassPermission permission,
            AuditTrail audit,
            ApplicationEventPublisher events) {
        this.arrangements = arrangements;
        this.groups = groups;
        this.copies = copies;
        this.pools = pools;
        this.roster = roster;
        this.adults = adults;
        this.permission = permission;
        this.audit = audit;
        this.events = events;
    }

    /** Those that hold students of this class and do not draw from it themselves. */
    @Transactional(readOnly = true)
    List<SharedArrangement> forClass(long classId) {
        permission.requireChange(classId);
        Set<Long> ownIds = arrangements.inUse(List.of(classId)).stream()
                .map(each -> each.id)
                .collect(Collectors.toSet());
        List<Arrangement> offered = arrangements.findBySightAndDeletedAtIsNullOrderById(Sight.SCHOOL).stream()
                .filter(each -> !ownIds.contains(each.id))
                .toList();
        Map<Long, List<GroupWithMembers>> groupsOf =
                groups.groupsOf(offered).stream().collect(Collectors.groupingBy(GroupWithMembers::arrangementId));
        Map<Long, String> classNames = roster.namesOf(
                offered.stream().map(each -> each.classId).distinct().toList());
        Map<Long, String> by = adults.displayNames(
                offered.stream().map(each -> each.keptBy).distinct().toList());
        Set<StudentId> here = roster.byId(classId).keySet();
        return offered.stream()
                .map(each -> new SharedArrangement(
                        each.id,
                        each.name,
                        each.subject,
                        classNames.getOrDefault(each.classId, ""),
                        by.getOrDefault(each.keptBy, ""),
                        shown(groupsOf.getOrDefault(each.id, List.of()), here)))
                .filter(each -> each.groups().stream().anyMatch(group -> group.here() > 0))
                .toList();
    }

    private static List<SharedGroup> shown(List<GroupWithMembers> groups, Set<StudentId> here) {
        return groups.stream()
                .map(group -> new SharedGroup(
                        group.name(),
                        group.look(),
                        (int) group.members().stream().filter(here::contains).count(),
                        group.members().size()))
                .toList();
    }

    @Transactional
    long use(long classId, long arrangementId, ArrangementCareApi.NextCycle wanted) {
        permission.requireChange(classId);
        ArrangementCare.requireOrder(wanted.beginsOn(), wanted.endsOn());
        Arrangement from = arrangements
                .findById(arrangementId)
                .filter(each -> each.sight == Sight.SCHOOL && each.deletedAt == null)
                .orElseThrow(() -> Refusal.notFound("grouping"));
        Arrangement made = from.another(wanted.name().strip(), wanted.beginsOn(), wanted.endsOn());
        made.classId = classId;
        made.purpose = "";
        made.description = "";
        long id = arrangements.save(made).id;
        copies.copyAfresh(from.id, id, pools.of(made));
        audit.note(
                classId,
                "arrangement.taken",
                id,
                keptWords("arrangement.of", "name", from.name, "className", roster.nameOf(from.classId)));
        events.publishEvent(new GroupsChanged(classId, id));
        return id;
    }
}
