package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import zafu.core.bench.BenchChanges;
import zafu.core.bench.BenchState;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditSubject;
import zafu.server.access.AuditTrail;
import zafu.server.access.CurrentPerson;
import zafu.server.platform.Refusal;

/** Carries out what a teacher does on the bench, keeping every step so that it can be undone and redone. */
@Service
public class Bench {
    private final ArrangementRepository arrangements;
    private final EntityManager entities;
    private final BenchStore store;
    private final BenchStepRepository steps;
    private final BenchDeeds deeds;
    private final BenchClash clash;
    private final ScoreLines lines;
    private final Pools pools;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final BenchStates kept;

    Bench(
            ArrangementRepository arrangements,
            EntityManager entities,
            BenchStore store,
            BenchStepRepository steps,
            BenchDeeds deeds,
            BenchClash clash,
            ScoreLines lines,
            Pools pools,
            CurrentPerson current,
            AuditTrail audit,
            ApplicationEventPublisher events,
            Clock clock,
            BenchStates kept) {
        this.arrangements = arrangements;
        this.entities = entities;
        this.store = store;
        this.steps = steps;
        this.deeds = deeds;
        this.clash = clash;
        this.lines = lines;
        this.pools = pools;
        this.current = current;
        this.audit = audit;
        this.events = events;
        this.clock = clock;
        this.kept = kept;
    }

    /**
     * Where students would be after a command that has not been carried out.
     *
     * @param classIds every class of the arrangement
     * @param groups all groups then of those students whose groups would change; none means not placed
     */
    public record Foreseen(List<Long> classIds, Map<StudentId, Set<GroupId>> groups) {}

    @Transactional
    public void carryOut(long arrangementId, BenchCommand command) {
        carryOut(arrangementId, command, null);
    }

    /**
     * @param seen the revision of the bench that the person has before them; where somebody else has touched the same since,
     *     the step is refused. Absent to do it whatever happened meanwhile.
     */
    @Transactional
    public void carryOut(long arrangementId, BenchCommand command, @Nullable Long seen) {
        Arrangement arrangement = toChange(arrangementId);
        pools.requireChange(arrangement);
        carryOut(arrangement, command, seen, current.adult().adultId());
    }

    /**
     * Puts a student into a group on the word of an adult who need not be here: whoever lets in at its door, or has
     * opened it to all who know the password. Beside the groups they are in, where the arrangement lets groups overlap.
     *
     * @param onTheWordOf whose step it is, to be undone like any other
     */
    @Transactional
    public void letIn(long arrangementId, long groupId, long studentId, long onTheWordOf) {
        Arrangement arrangement = toChange(arrangementId);
        boolean beside = arrangement.overlap
                && store.read(arrangementId).groupOf(studentId).isPresent();
        carryOut(
                arrangement,
                beside
                        ? new BenchCommand.PlaceAlso(List.of(studentId), groupId)
                        : new BenchCommand.PlaceInto(List.of(studentId), groupId),
                null,
                onTheWordOf);
    }

    /** One more adult leads a group. */
    @Transactional
    public void addLead(long arrangementId, long groupId, long adultId) {
        Set<Long> leads = new LinkedHashSet<>(
                BenchDeeds.refusing(() -> store.read(arrangementId).group(groupId))
                        .leads());
        leads.add(adultId);
        carryOut(arrangementId, new BenchCommand.LeadBy(groupId, List.copyOf(leads)));
    }

    public void requireChange(long arrangementId) {
        pools.requireChange(arrangements.findById(arrangementId).orElseThrow(() -> Refusal.notFound("grouping")));
    }

    /** Whether a student is of a class from which the arrangement draws. */
    public boolean drawsFrom(long arrangementId, long studentId) {
        Arrangement arrangement = arrangements.findById(arrangementId).orElseThrow(() -> Refusal.notFound("grouping"));
        return drawsFrom(arrangement, studentId);
    }

    private boolean drawsFrom(Arrangement arrangement, long studentId) {
        return pools.of(arrangement).names().containsKey(new StudentId(studentId));
    }

    /**
     * As {@link #letIn}, for a student of its classes who is in none of its groups: nobody is taken out of another.
     *
     * @return whether that was so; nothing is done where it was not
     */
    @Transactional
    public boolean letInIfFree(long arrangementId, long groupId, long studentId, long onTheWordOf) {
        Arrangement arrangement = toChange(arrangementId);
        boolean free = drawsFrom(arrangement, studentId)
                && store.read(arrangementId).groupOf(studentId).isEmpty();
        if (free) {
            carryOut(arrangement, new BenchCommand.PlaceInto(List.of(studentId), groupId), null, onTheWordOf);
        }
        return free;
    }

    /** As it is once nobody else changes it, also where this transaction has read it before. */
    private Arrangement toChange(long arrangementId) {
        Arrangement found = arrangements.findById(arrangementId).orElseThrow(() -> Refusal.notFound("grouping"));
        entities.refresh(found, LockModeType.PESSIMISTIC_WRITE);
        return found;
    }

    private void carryOut(Arrangement arrangement, BenchCommand command, @Nullable Long seen, long by) {
        long arrangementId = arrangement.id;
        BenchState before = store.read(arrangementId);
        BenchStep step = step(arrangement, command, before, by);
        step.undone = command instanceof BenchCommand.Undo;
        BenchState after = kept.read(step.undone ? step.stateBefore : step.stateAfter);
        BenchChanges changes = BenchChanges.between(before, after);
        clash.refuse(arrangement, seen, changes);
        store.write(arrangementId, before, after, by);
        if (command instanceof BenchCommand.TakeProposal taken) {
            remember(arrangement, taken.proposal());
        }
        step.revision = ++arrangement.revision;
        step.changedBy = by;
        steps.save(step);
        audit.note(
                arrangement.classId,
                "bench." + command.kind(),
                arrangementId,
                command.facts(),
                subjects(before, after, changes));
        pools.classesOf(arrangement).forEach(each -> events.publishEvent(new GroupsChanged(each, arrangementId)));
    }

    /** Works a command out without keeping anything. */
    @Transactional(readOnly = true)
    public Foreseen foresee(long arrangementId, BenchCommand command) {
        Arrangement arrangement = arrangements.findById(arrangementId).orElseThrow(() -> Refusal.notFound("grouping"));
        pools.requireChange(arrangement);
        BenchState before = store.read(arrangementId);
        Pool pool = pools.of(arrangement);
        BenchState after = foreseen(arrangement, pool, command, before);
        Map<StudentId, Set<GroupId>> moved = new LinkedHashMap<>();
        for (StudentId student : pool.students()) {
            List<Long> groups = after.groupsOf(student.value());
            if (!groups.equals(before.groupsOf(student.value()))) {
                moved.put(
                        student,
                        groups.stream().map(GroupId::new).collect(Collectors.toCollection(LinkedHashSet::new)));
            }
        }
        return new Foreseen(pool.classIds(), moved);
    }

    private BenchState foreseen(Arrangement arrangement, Pool pool, BenchCommand command, BenchState before) {
        return command instanceof BenchCommand.Deed deed
                ? deeds.after(arrangement, pool, deed, before, false)
                : command instanceof BenchCommand.Undo
                        ? kept.read(lastStep(arrangement.id).stateBefore)
                        : kept.read(nextStep(arrangement.id).stateAfter);
    }

    private BenchStep step(Arrangement arrangement, BenchCommand command, BenchState before, long by) {
        return command instanceof BenchCommand.Deed deed
                ? newStep(arrangement, deed, before, by)
                : command instanceof BenchCommand.Undo ? lastStep(arrangement.id) : nextStep(arrangement.id);
    }

    private BenchStep newStep(Arrangement arrangement, BenchCommand.Deed command, BenchState before, long by) {
        BenchState after = deeds.after(arrangement, pools.of(arrangement), command, before, true);
        BenchStep step = new BenchStep();
        step.arrangementId = arrangement.id;
        step.takenAt = clock.instant();
        step.adultId = by;
        step.kind = command.kind();
        step.facts = command.facts();
        step.stateBefore = kept.write(before);
        step.stateAfter = kept.write(after);
        return step;
    }

    private void remember(Arrangement arrangement, BenchCommand.ProposalAsked asked) {
        arrangement.method = asked.method();
        arrangement.smallest = asked.smallest();
        arrangement.largest = asked.largest();
        lines.remember(arrangement, asked);
    }

    private BenchStep lastStep(long arrangementId) {
        return steps.findFirstByArrangementIdAndUndoneFalseOrderByIdDesc(arrangementId)
                .orElseThrow(() ->
                        Refusal.conflict("nothing-to-undo", inWords("arrangement.there-is-nothing-left-to-undo-here")));
    }

    private BenchStep nextStep(long arrangementId) {
        long last = steps.findFirstByArrangementIdAndUndoneFalseOrderByIdDesc(arrangementId)
                .map(step -> step.id)
                .orElse(0L);
        return steps.findFirstByArrangementIdAndUndoneTrueAndIdGreaterThanOrderById(arrangementId, last)
                .orElseThrow(() ->
                        Refusal.conflict("nothing-to-redo", inWords("arrangement.there-is-nothing-to-do-again-here")));
    }

    /** Who was moved, and the groups they left and joined. */
    private static Set<AuditSubject> subjects(BenchState before, BenchState after, BenchChanges changes) {
        Set<AuditSubject> about = new LinkedHashSet<>();
        changes.students().forEach(student -> {
            about.add(AuditSubject.student(student));
            before.groupsOf(student).forEach(each -> about.add(AuditSubject.group(each)));
            after.groupsOf(student).forEach(each -> about.add(AuditSubject.group(each)));
        });
        changes.groups().forEach(each -> about.add(AuditSubject.group(each)));
        return about;
    }
}
