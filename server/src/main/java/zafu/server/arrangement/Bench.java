package zafu.server.arrangement;

import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;
import zafu.core.grouping.CutPlacement;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.Scored;
import zafu.core.roster.GroupId;
import zafu.core.roster.StudentId;
import zafu.server.access.AuditTrail;
import zafu.server.access.ClassPermission;
import zafu.server.access.CurrentPerson;
import zafu.server.measure.Measures;
import zafu.server.platform.Refusal;
import zafu.server.roster.Roster;

/** Carries out what a teacher does on the bench, keeping every step so that it can be undone and redone. */
@Service
public class Bench {
    private final ArrangementRepository arrangements;
    private final BenchStore store;
    private final BenchStepRepository steps;
    private final Proposals proposals;
    private final Questions questions;
    private final BenchAdvice advice;
    private final Measures measures;
    private final Roster roster;
    private final ClassPermission permission;
    private final CurrentPerson current;
    private final AuditTrail audit;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final JsonMapper json;

    Bench(
            ArrangementRepository arrangements,
            BenchStore store,
            BenchStepRepository steps,
            Proposals proposals,
            Questions questions,
            BenchAdvice advice,
            Measures measures,
            Roster roster,
            ClassPermission permission,
            CurrentPerson current,
            AuditTrail audit,
            ApplicationEventPublisher events,
            Clock clock,
            JsonMapper json) {
        this.arrangements = arrangements;
        this.store = store;
        this.steps = steps;
        this.proposals = proposals;
        this.questions = questions;
        this.advice = advice;
        this.measures = measures;
        this.roster = roster;
        this.permission = permission;
        this.current = current;
        this.audit = audit;
        this.events = events;
        this.clock = clock;
        this.json = json;
    }

    /**
     * Where students would be after a command that has not been carried out.
     *
     * @param groups of those students whose group would change; empty means not placed
     */
    public record Foreseen(long classId, Map<StudentId, Optional<GroupId>> groups) {}

    @Transactional
    public void carryOut(long arrangementId, BenchCommand command) {
        Arrangement arrangement =
                arrangements.findToChange(arrangementId).orElseThrow(() -> Refusal.notFound("arrangement"));
        permission.requireChange(arrangement.classId);
        BenchState before = store.read(arrangementId);
        switch (command.kind()) {
            case UNDO -> undo(arrangement, before);
            case REDO -> redo(arrangement, before);
            default -> keep(arrangement, command, before, after(arrangement, command, before, true));
        }
        audit.note(arrangement.classId, "bench." + command.kind(), arrangementId, facts(command));
        events.publishEvent(new GroupsChanged(arrangement.classId, arrangementId));
    }

    /** Works a command out without keeping anything. */
    @Transactional(readOnly = true)
    public Foreseen foresee(long arrangementId, BenchCommand command) {
        Arrangement arrangement =
                arrangements.findById(arrangementId).orElseThrow(() -> Refusal.notFound("arrangement"));
        permission.requireChange(arrangement.classId);
        BenchState before = store.read(arrangementId);
        BenchState after =
                switch (command.kind()) {
                    case UNDO -> state(lastStep(arrangementId).stateBefore);
                    case REDO -> state(nextStep(arrangementId).stateAfter);
                    default -> after(arrangement, command, before, false);
                };
        Map<StudentId, Optional<GroupId>> moved = new LinkedHashMap<>();
        for (StudentId student : roster.byId(arrangement.classId).keySet()) {
            Optional<Long> group = after.groupOf(student.value());
            if (!group.equals(before.groupOf(student.value()))) {
                moved.put(student, group.map(GroupId::new));
            }
        }
        return new Foreseen(arrangement.classId, moved);
    }

    private void keep(Arrangement arrangement, BenchCommand command, BenchState before, BenchState after) {
        if (command.proposal() != null) {
            arrangement.method = command.proposal().method();
            arrangement.measureId = command.proposal().measureId();
            arrangement.smallest = command.proposal().smallest();
            arrangement.largest = command.proposal().largest();
        }
        store.write(arrangement.id, before, after);
        BenchStep step = new BenchStep();
        step.arrangementId = arrangement.id;
        step.takenAt = clock.instant();
        step.adultId = current.adult().adultId();
        step.kind = command.kind();
        step.facts = facts(command);
        step.stateBefore = json.writeValueAsString(before);
        step.stateAfter = json.writeValueAsString(after);
        steps.save(step);
    }

    private void undo(Arrangement arrangement, BenchState now) {
        BenchStep step = lastStep(arrangement.id);
        store.write(arrangement.id, now, state(step.stateBefore));
        step.undone = true;
        steps.save(step);
    }

    private void redo(Arrangement arrangement, BenchState now) {
        BenchStep step = nextStep(arrangement.id);
        store.write(arrangement.id, now, state(step.stateAfter));
        step.undone = false;
        steps.save(step);
    }

    private BenchStep lastStep(long arrangementId) {
        return steps.findFirstByArrangementIdAndUndoneFalseOrderByIdDesc(arrangementId)
                .orElseThrow(() -> Refusal.conflict("nothing-to-undo", "There is nothing left to undo here."));
    }

    private BenchStep nextStep(long arrangementId) {
        long last = steps.findFirstByArrangementIdAndUndoneFalseOrderByIdDesc(arrangementId)
                .map(step -> step.id)
                .orElse(0L);
        return steps.findFirstByArrangementIdAndUndoneTrueAndIdGreaterThanOrderById(arrangementId, last)
                .orElseThrow(() -> Refusal.conflict("nothing-to-redo", "There is nothing to do again here."));
    }

    private BenchState state(String kept) {
        return json.readValue(kept, BenchState.class);
    }

    private BenchState after(Arrangement arrangement, BenchCommand command, BenchState before, boolean keep) {
        return switch (command.kind()) {
            case LOCK -> before.locked(requireInClass(arrangement, command), true);
            case UNLOCK -> before.locked(requireInClass(arrangement, command), false);
            case PLACE -> before.place(requireInClass(arrangement, command), Optional.ofNullable(command.groupId()));
            case TAKE_PROPOSAL -> taken(arrangement, required(command.proposal(), "proposal"), before, keep);
            case TAKE_ADVICE -> advised(arrangement, before);
            case MOVE_CUT -> cutMoved(arrangement, command, before);
            case ADD_GROUP -> before.with(newGroup(arrangement, before, command.text(), keep));
            case RENAME -> before.renamed(required(command.groupId(), "groupId"), requireName(command));
            case NOTE ->
                before.noted(
                        required(command.groupId(), "groupId"),
                        required(command.text(), "text").strip());
            case MERGE ->
                before.merged(required(command.groupId(), "groupId"), required(command.otherGroupId(), "otherGroupId"));
            case REMOVE_GROUP -> before.without(required(command.groupId(), "groupId"));
            case UNDO, REDO -> throw new IllegalArgumentException(command.kind() + " needs no new state");
        };
    }

    private BenchState advised(Arrangement arrangement, BenchState before) {
        long measureId = required(arrangement.measureId, "measure");
        BenchState state = before;
        for (BenchView.Advised each : advice.of(
                arrangement, before, questions.values(arrangement.classId, measureId), measures.card(measureId))) {
            if (each.toGroupId() != null) {
                state = state.place(List.of(each.id()), Optional.of(each.toGroupId()));
            }
        }
        return state;
    }

    /** Groups of a proposal take over the groups that stand at their place, so that names and work stay with them. */
    private BenchState taken(
            Arrangement arrangement, BenchCommand.ProposalAsked asked, BenchState before, boolean keep) {
        Proposals.ForBench proposed = proposals.propose(arrangement.classId, asked, before);
        if (proposed.proposal() instanceof Proposal.Impossible impossible) {
            throw Refusal.unusable("no-proposal", proposals.sentence(arrangement.classId, impossible.because()));
        }
        List<List<StudentId>> groups = ((Proposal.Groups) proposed.proposal()).groups();
        if (groups.size() > BenchState.MOST_GROUPS) {
            throw Refusal.unusable("too-many-groups", "A bench holds at most " + BenchState.MOST_GROUPS + " groups.");
        }
        BenchState state = before.emptied();
        for (int i = state.groups().size() - 1; i >= groups.size(); i--) {
            state = state.without(state.groups().get(i).id());
        }
        while (state.groups().size() < groups.size()) {
            state = state.with(newGroup(arrangement, state, null, keep));
        }
        for (int i = 0; i < groups.size(); i++) {
            long group = state.groups().get(i).id();
            state = state.place(ids(groups.get(i)), Optional.of(group));
            if (!proposed.names().isEmpty()) {
                state = state.calledIfFree(group, proposed.names().get(i));
            }
        }
        return state;
    }

    private BenchState.Group newGroup(Arrangement arrangement, BenchState state, @Nullable String name, boolean keep) {
        String called = name == null || name.isBlank() ? GroupNames.nextAfter(state.groups()) : name.strip();
        int look = GroupNames.nextLook(arrangement.id, state.groups());
        // What is only foreseen must leave no trace; a negative id can be no group's.
        return keep
                ? store.newGroup(arrangement.id, called, look)
                : new BenchState.Group(-1 - state.groups().size(), called, look, "");
    }

    /** A cut deals the two groups beside it anew and touches no other. */
    private BenchState cutMoved(Arrangement arrangement, BenchCommand command, BenchState before) {
        long lower = required(command.groupId(), "groupId");
        long upper = required(command.otherGroupId(), "otherGroupId");
        long measureId = required(arrangement.measureId, "measure");
        Set<Long> both = new TreeSet<>(before.membersOf(lower));
        both.addAll(before.membersOf(upper));
        both.removeAll(before.locked());
        List<Scored> students = new ArrayList<>();
        questions.scored(arrangement.classId, measureId).stream()
                .filter(each -> both.contains(each.student().value()))
                .forEach(students::add);
        double cut = questions.signOf(measureId) * required(command.cut(), "cut");
        List<List<StudentId>> dealt = CutPlacement.deal(students, List.of(cut));
        BenchState state = before.place(ids(dealt.get(0)), Optional.of(upper));
        return state.place(ids(dealt.get(1)), Optional.of(lower));
    }

    private static List<Long> ids(List<StudentId> students) {
        return students.stream().map(StudentId::value).toList();
    }

    private List<Long> requireInClass(Arrangement arrangement, BenchCommand command) {
        List<Long> students = required(command.students(), "students");
        Set<StudentId> known = roster.byId(arrangement.classId).keySet();
        if (!students.stream().map(StudentId::new).allMatch(known::contains)) {
            throw Refusal.notFound("student");
        }
        return students;
    }

    private static String requireName(BenchCommand command) {
        String name = required(command.text(), "text").strip();
        if (name.isEmpty() || name.length() > 60) {
            throw Refusal.unusableField("bad-name", "text", "A group's name has 1 to 60 letters.");
        }
        return name;
    }

    private static <T> T required(@Nullable T value, String field) {
        if (value == null) {
            throw Refusal.unusableField("missing-field", field, "This step needs \"" + field + "\".");
        }
        return Objects.requireNonNull(value);
    }

    private static String facts(BenchCommand command) {
        String facts = command.toString();
        return facts.length() > 2000 ? facts.substring(0, 2000) : facts;
    }
}
