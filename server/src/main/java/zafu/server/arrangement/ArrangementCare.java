package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;
import static zafu.server.platform.Words.keptWords;

import java.time.Clock;
import java.time.LocalDate;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.bench.BenchState;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.arrangement.ArrangementCareApi.ArrangementEdit;
import zafu.server.arrangement.ArrangementCareApi.NextCycle;
import zafu.server.arrangement.ArrangementCareApi.PutAway;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;
import zafu.server.roster.SchoolSettings;

/** What is written of an arrangement, its copy for a new cycle, and putting it away without losing anything. */
@Service
class ArrangementCare {
    private final ArrangementRepository arrangements;
    private final ArrangementClassRepository drawn;
    private final BenchStore store;
    private final BenchCopies copies;
    private final Pools pools;
    private final Roster roster;
    private final SchoolSettings school;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    ArrangementCare(
            ArrangementRepository arrangements,
            ArrangementClassRepository drawn,
            BenchStore store,
            BenchCopies copies,
            Pools pools,
            Roster roster,
            SchoolSettings school,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            ApplicationEventPublisher events,
            Clock clock) {
        this.arrangements = arrangements;
        this.drawn = drawn;
        this.store = store;
        this.copies = copies;
        this.pools = pools;
        this.roster = roster;
        this.school = school;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.events = events;
        this.clock = clock;
    }

    @Transactional
    void edit(long arrangementId, ArrangementEdit edit) {
        Arrangement arrangement = requireChange(arrangementId);
        if (arrangement.version != edit.version()) {
            throw Refusal.conflict("changed-meanwhile", inWords("arrangement.someone-else-has-changed-this"));
        }
        requireOrder(edit.beginsOn(), edit.endsOn());
        BenchState state = store.read(arrangementId);
        if (!edit.overlap() && !state.also().isEmpty()) {
            throw Refusal.unusableField(
                    "overlap-in-use",
                    "overlap",
                    inWords(
                            "arrangement.students-in-several-groups",
                            "count",
                            state.also().size()));
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
        if (edit.sight() != null && edit.sight() != arrangement.sight) {
            arrangement.sight = edit.sight();
            arrangement.keptBy = current.adult().adultId();
        }
        tell(arrangement, "arrangement.edited", arrangement.name);
    }

    static void requireOrder(LocalDate beginsOn, LocalDate endsOn) {
        if (endsOn.isBefore(beginsOn)) {
            throw Refusal.unusableField(
                    "ends-early",
                    "endsOn",
                    inWords("arrangement.a-grouping-that-begins-on-cannot", "beginsOn", beginsOn, "endsOn", endsOn));
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
                    inWords("arrangement.of-that-class-are-in-groups-here", "names", String.join(", ", lost)));
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
        Arrangement made = from.another(wanted.name().strip(), wanted.beginsOn(), wanted.endsOn());
        // A copy is seen by whom the original is, except that the school is asked anew.
        made.sight = from.sight == Sight.MINE ? Sight.MINE : Sight.CLASS;
        made.keptBy = from.sight == Sight.MINE ? from.keptBy : null;
        long id = arrangements.save(made).id;
        List<Long> classIds = pools.classesOf(from);
        classIds.subList(1, classIds.size()).forEach(each -> drawn.save(drawing(id, each)));
        copies.copy(from.id, id, pools.of(from));
        tell(made, "arrangement.copied", keptWords("arrangement.as", "name", from.name, "newName", made.name));
        return id;
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
                .filter(each -> each.isSeenBy(current.anyAdultId()))
                .map(each -> new PutAway(each.id, each.name, school.local(each.deletedAt)))
                .toList();
    }

    private void tell(Arrangement arrangement, String what, String facts) {
        audit.note(arrangement.classId, what, arrangement.id, facts);
        pools.classesOf(arrangement).forEach(each -> events.publishEvent(new GroupsChanged(each, arrangement.id)));
    }

    private Arrangement requireChange(long arrangementId) {
        Arrangement found = arrangements.findToChange(arrangementId).orElseThrow(() -> Refusal.notFound("grouping"));
        pools.requireChange(found);
        return found;
    }
}
