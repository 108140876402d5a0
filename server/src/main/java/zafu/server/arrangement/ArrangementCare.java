package zafu.server.arrangement;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.arrangement.ArrangementCareController.ArrangementEdit;
import zafu.server.arrangement.ArrangementCareController.NextCycle;
import zafu.server.arrangement.ArrangementCareController.PutAway;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** What is written of an arrangement, its copy for a new cycle, and putting it away without losing anything. */
@Service
class ArrangementCare {
    private final ArrangementRepository arrangements;
    private final ArrangementClassRepository drawn;
    private final BenchStore store;
    private final Pools pools;
    private final Roster roster;
    private final SchoolSettings school;
    private final ClassPermission permission;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    ArrangementCare(
            ArrangementRepository arrangements,
            ArrangementClassRepository drawn,
            BenchStore store,
            Pools pools,
            Roster roster,
            SchoolSettings school,
            ClassPermission permission,
            AuditTrail audit,
            ApplicationEventPublisher events,
            Clock clock) {
        this.arrangements = arrangements;
        this.drawn = drawn;
        this.store = store;
        this.pools = pools;
        this.roster = roster;
        this.school = school;
        this.permission = permission;
        this.audit = audit;
        this.events = events;
        this.clock = clock;
    }

    @Transactional
    void edit(long arrangementId, ArrangementEdit edit) {
        Arrangement arrangement = requireChange(arrangementId);
        if (arrangement.version != edit.version()) {
            throw Refusal.conflict(
                    "changed-meanwhile", "Somebody else has changed this arrangement. Look at it again and repeat.");
        }
        requireOrder(edit.beginsOn(), edit.endsOn());
        BenchState state = store.read(arrangementId);
        if (!edit.overlap() && !state.also().isEmpty()) {
            throw Refusal.unusableField(
                    "overlap-in-use",
                    "overlap",
                    state.also().size() + " students are in several groups. Leave each in one first.");
        }
        drawFrom(arrangement, edit.classIds(), state);
        arrangement.name = edit.name().strip();
        arrangement.subject = edit.subject().strip();
        arrangement.purpose = edit.purpose().strip();
        arrangement.description = edit.description().strip();
        arrangement.note = edit.note().strip();
        arrangement.beginsOn = edit.beginsOn();
        arrangement.endsOn = edit.endsOn();
        arrangement.overlap = edit.overlap();
        arrangement.watched = edit.watched() == null ? null : String.join("\n", edit.watched());
        tell(arrangement, "arrangement.edited", arrangement.name);
    }

    static void requireOrder(LocalDate beginsOn, LocalDate endsOn) {
        if (endsOn.isBefore(beginsOn)) {
            throw Refusal.unusableField(
                    "ends-early",
                    "endsOn",
                    "An arrangement that begins on " + beginsOn + " cannot end on " + endsOn + ".");
        }
    }

    private void drawFrom(Arrangement arrangement, List<Long> classIds, BenchState state) {
        Set<Long> wanted = new LinkedHashSet<>(classIds);
        wanted.add(arrangement.classId);
        wanted.forEach(permission::requireChange);
        Set<StudentId> students = new LinkedHashSet<>();
        wanted.forEach(each -> students.addAll(roster.byId(each).keySet()));
        List<String> lost = pools.of(arrangement).names().entrySet().stream()
                .filter(each -> !students.contains(each.getKey()))
                .filter(each -> state.groupOf(each.getKey().value()).isPresent())
                .map(each -> each.getValue().givenName())
                .toList();
        if (!lost.isEmpty()) {
            throw Refusal.unusableField(
                    "still-placed",
                    "classIds",
                    String.join(", ", lost) + " of that class are in groups here. Take them out first.");
        }
        List<ArrangementClass> there = drawn.findByArrangementIdInOrderById(List.of(arrangement.id));
        drawn.deleteAll(
                there.stream().filter(each -> !wanted.contains(each.classId)).toList());
        there.forEach(each -> wanted.remove(each.classId));
        wanted.remove(arrangement.classId);
        wanted.forEach(each -> drawn.save(drawing(arrangement.id, each)));
    }

    private static ArrangementClass drawing(long arrangementId, long classId) {
        ArrangementClass made = new ArrangementClass();
        made.arrangementId = arrangementId;
        made.classId = classId;
        return made;
    }

    /** The same groups with the same students for another stretch of weeks; notes on groups stay behind. */
    @Transactional
    long copy(long arrangementId, NextCycle wanted) {
        Arrangement from = requireChange(arrangementId);
        requireOrder(wanted.beginsOn(), wanted.endsOn());
        Arrangement made = new Arrangement();
        made.classId = from.classId;
        made.name = wanted.name().strip();
        made.subject = from.subject;
        made.purpose = from.purpose;
        made.description = from.description;
        made.beginsOn = wanted.beginsOn();
        made.endsOn = wanted.endsOn();
        made.measureId = from.measureId;
        made.method = from.method;
        made.smallest = from.smallest;
        made.largest = from.largest;
        made.overlap = from.overlap;
        made.watched = from.watched;
        made.lineSkill = from.lineSkill;
        made.lineMeasures = from.lineMeasures;
        made.secondMeasureId = from.secondMeasureId;
        long id = arrangements.save(made).id;
        List<Long> classIds = pools.classesOf(from);
        classIds.subList(1, classIds.size()).forEach(each -> drawn.save(drawing(id, each)));
        store.write(id, new BenchState(List.of(), Map.of(), Set.of(), Map.of()), copied(from, id, pools.of(from)));
        tell(made, "arrangement.copied", from.name + " as " + made.name);
        return id;
    }

    private BenchState copied(Arrangement from, long to, Pool pool) {
        Set<Long> here = pool.students().stream().map(StudentId::value).collect(Collectors.toSet());
        BenchState state = store.read(from.id).onlyWith(here);
        Map<Long, Long> newIds = new LinkedHashMap<>();
        List<BenchState.Group> groups = new ArrayList<>();
        for (BenchState.Group group : state.groups()) {
            BenchState.Group made = store.newGroup(to, group.name(), group.look());
            newIds.put(group.id(), made.id());
            groups.add(made.called(group.name(), group.studentName()).ledBy(group.leads()));
        }
        Map<Long, Long> placed = new TreeMap<>();
        state.placed().forEach((student, group) -> placed.put(student, newIds.get(group)));
        Map<Long, Set<Long>> also = new TreeMap<>();
        state.also()
                .forEach((student, further) -> also.put(
                        student, further.stream().map(newIds::get).collect(Collectors.toCollection(TreeSet::new))));
        return new BenchState(groups, placed, state.locked(), also);
    }

    @Transactional
    void putAway(long arrangementId) {
        Arrangement arrangement = requireChange(arrangementId);
        arrangement.deletedAt = clock.instant();
        tell(arrangement, "arrangement.deleted", arrangement.name);
    }

    @Transactional
    void takeOutAgain(long arrangementId) {
        Arrangement arrangement = requireChange(arrangementId);
        arrangement.deletedAt = null;
        tell(arrangement, "arrangement.restored", arrangement.name);
    }

    /** The latest first. */
    @Transactional(readOnly = true)
    List<PutAway> putAwayOf(long classId) {
        permission.requireSee(classId);
        return arrangements.findByClassIdAndDeletedAtIsNotNullOrderByDeletedAtDesc(classId).stream()
                .map(each -> new PutAway(each.id, each.name, school.local(each.deletedAt)))
                .toList();
    }

    private void tell(Arrangement arrangement, String what, String facts) {
        audit.note(arrangement.classId, what, arrangement.id, facts);
        pools.classesOf(arrangement).forEach(each -> events.publishEvent(new GroupsChanged(each, arrangement.id)));
    }

    private Arrangement requireChange(long arrangementId) {
        Arrangement found = arrangements.findToChange(arrangementId).orElseThrow(() -> Refusal.notFound("arrangement"));
        pools.requireChange(found);
        return found;
    }
}
