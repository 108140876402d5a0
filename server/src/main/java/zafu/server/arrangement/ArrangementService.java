package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.grouping.Contradiction;
import zafu.core.grouping.Proposal;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.access.Reach;
import zafu.server.arrangement.ArrangementApi.ArrangementCard;
import zafu.server.arrangement.ArrangementApi.GroupCard;
import zafu.server.arrangement.ArrangementApi.NewArrangement;
import zafu.server.arrangement.ArrangementApi.Proposed;
import zafu.server.measure.Measures;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.StudentAccess;

/** Makes and shows arrangements. */
@Service
class ArrangementService {
    private static final int SMALLEST = 3;
    private static final int LARGEST = 8;
    private final ArrangementRepository arrangements;
    private final Arrangements groups;
    private final BenchReader reader;
    private final BenchStore store;
    private final Bench bench;
    private final Proposals proposals;
    private final ProposalReasons reasons;
    private final Measures measures;
    private final Roster roster;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final StudentAccess access;
    private final MembershipRepository memberships;
    private final ArrangementGroupRepository groupRows;
    private final Pools pools;
    private final Questions questions;

    ArrangementService(
            ArrangementRepository arrangements,
            Arrangements groups,
            BenchReader reader,
            BenchStore store,
            Bench bench,
            Proposals proposals,
            ProposalReasons reasons,
            Measures measures,
            Roster roster,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            StudentAccess access,
            MembershipRepository memberships,
            ArrangementGroupRepository groupRows,
            Pools pools,
            Questions questions) {
        this.arrangements = arrangements;
        this.groups = groups;
        this.reader = reader;
        this.store = store;
        this.bench = bench;
        this.proposals = proposals;
        this.reasons = reasons;
        this.measures = measures;
        this.roster = roster;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.access = access;
        this.memberships = memberships;
        this.groupRows = groupRows;
        this.pools = pools;
        this.questions = questions;
    }

    @Transactional(readOnly = true)
    List<ArrangementCard> cards(long classId) {
        Reach reach = permission.reach(classId);
        Set<Long> students = roster.studentsOf(classId).stream()
                .map(Roster.StudentName::id)
                .filter(reach::sees)
                .collect(Collectors.toSet());
        Map<Long, List<Arrangements.GroupWithMembers>> byArrangement = groups.ofClass(classId).stream()
                .filter(each -> reach.seesGroup(each.id().value()))
                .collect(Collectors.groupingBy(Arrangements.GroupWithMembers::arrangementId));
        Optional<Long> me = current.anyAdultId();
        return arrangements.inUse(List.of(classId)).stream()
                .filter(each -> each.isSeenBy(me))
                .filter(each -> reach.isWhole() ? maySee(each) : byArrangement.containsKey(each.id))
                .map(each -> card(each, byArrangement.getOrDefault(each.id, List.of()), students))
                .toList();
    }

    /** An arrangement of several classes is for the adults of all of them. */
    private boolean maySee(Arrangement of) {
        return permission.mine().containsAll(pools.classesOf(of));
    }

    private static ArrangementCard card(
            Arrangement of, List<Arrangements.GroupWithMembers> groups, Set<Long> students) {
        List<GroupCard> cards = groups.stream()
                .map(group -> new GroupCard(
                        group.id().value(),
                        group.name(),
                        group.look(),
                        group.members().stream().map(StudentId::value).sorted().toList()))
                .toList();
        Set<Long> notPlaced = new LinkedHashSet<>(students);
        cards.forEach(group -> notPlaced.removeAll(group.members()));
        return new ArrangementCard(of.id, of.name, of.subject, of.beginsOn, of.endsOn, cards, notPlaced.size());
    }

    @Transactional
    long create(long classId, NewArrangement wanted) {
        permission.requireChange(classId);
        ArrangementCare.requireOrder(wanted.beginsOn(), wanted.endsOn());
        Arrangement made = new Arrangement();
        made.classId = classId;
        made.name = wanted.name().strip();
        made.subject = wanted.subject().strip();
        made.beginsOn = wanted.beginsOn();
        made.endsOn = wanted.endsOn();
        made.measureId = measures.chosen(wanted.measureId()).id();
        made.smallest = SMALLEST;
        made.largest = LARGEST;
        long id = arrangements.save(made).id;
        audit.note(classId, "arrangement.created", id, made.name);
        if (wanted.students() != null) {
            bench.carryOut(id, new BenchCommand.AddGroup(BenchDeeds.asGroupName(made.name), wanted.students()));
        }
        return id;
    }

    @Transactional(readOnly = true)
    BenchView view(long arrangementId) {
        return reader.view(require(arrangementId));
    }

    /** Where students stand on a second measure, for a scatter. */
    @Transactional(readOnly = true)
    ArrangementApi.SecondMeasure second(long arrangementId, long measureId) {
        Pool pool = pools.of(require(arrangementId));
        List<ArrangementApi.StudentValue> values =
                Questions.counting(questions.values(pool, measureId)).entrySet().stream()
                        .map(each ->
                                new ArrangementApi.StudentValue(each.getKey().value(), each.getValue()))
                        .toList();
        return new ArrangementApi.SecondMeasure(measures.chosen(measureId), values);
    }

    @Transactional(readOnly = true)
    Proposed propose(long arrangementId, BenchCommand.ProposalAsked asked) {
        Arrangement arrangement = require(arrangementId);
        pools.requireChange(arrangement);
        Pool pool = pools.of(arrangement);
        Proposals.ForBench proposed = proposals.propose(pool, asked, store.read(arrangementId));
        if (proposed.proposal() instanceof Proposal.Groups made) {
            return new Proposed(
                    made.groups().stream()
                            .map(group -> group.stream().map(StudentId::value).toList())
                            .toList(),
                    proposed.names(),
                    proposed.granted(),
                    made.leftOut().stream().map(StudentId::value).toList(),
                    made.fit().isPresent() ? made.fit().getAsDouble() : null,
                    null,
                    Proposals.fingerprint(made));
        }
        Contradiction because = ((Proposal.Impossible) proposed.proposal()).because();
        return new Proposed(null, List.of(), List.of(), List.of(), null, proposals.sentence(pool, because), null);
    }

    @Transactional(readOnly = true)
    ArrangementApi.Reasons reasons(long arrangementId, BenchCommand.ProposalAsked asked) {
        Arrangement arrangement = require(arrangementId);
        pools.requireChange(arrangement);
        return reasons.of(pools.of(arrangement), asked, store.read(arrangementId));
    }

    private Arrangement require(long arrangementId) {
        Arrangement found = arrangements.findById(arrangementId).orElseThrow(() -> Refusal.notFound("grouping"));
        pools.requireSee(found);
        return found;
    }

    @Transactional(readOnly = true)
    List<ArrangementApi.GroupStay> groupsOf(long studentId) {
        access.requireSee(studentId);
        List<Membership> all = memberships.findByStudentIdOrderById(studentId);
        Map<Long, Arrangement> seen = seen(all);
        Map<Long, Reach> reaches = new LinkedHashMap<>();
        seen.values().forEach(each -> reaches.computeIfAbsent(each.classId, permission::reach));
        Map<Long, ArrangementGroup> named =
                groupRows.findAllById(all.stream().map(each -> each.groupId).toList()).stream()
                        .collect(Collectors.toMap(each -> each.id, each -> each));
        List<ArrangementApi.GroupStay> stays = new ArrayList<>();
        for (Membership each : all) {
            Arrangement of = seen.get(each.arrangementId);
            if (of != null && reaches.get(of.classId).seesGroup(each.groupId)) {
                ArrangementGroup group = named.get(each.groupId);
                stays.add(0, new ArrangementApi.GroupStay(of.name, group.name, group.look, each.fromAt, each.toAt));
            }
        }
        return stays;
    }

    /** The arrangements of the asking adult's classes, without what another keeps to themselves. */
    private Map<Long, Arrangement> seen(List<Membership> in) {
        Set<Long> mine = permission.roles().keySet();
        return arrangements
                .findAllById(in.stream().map(each -> each.arrangementId).toList())
                .stream()
                .filter(each -> mine.contains(each.classId) && each.isSeenBy(current.anyAdultId()))
                .collect(Collectors.toMap(each -> each.id, each -> each));
    }
}
