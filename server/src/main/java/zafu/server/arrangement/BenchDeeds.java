package zafu.server.arrangement;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;
import zafu.core.grouping.CutPlacement;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.Rules;
import zafu.core.grouping.Scored;
import zafu.core.grouping.SimilarScores;
import zafu.core.grouping.Sizes;
import zafu.core.roster.StudentId;
import zafu.server.access.ClassPermission;
import zafu.server.measure.Measures;
import zafu.server.platform.Refusal;

/** What each deed of a teacher makes of the state of a bench. */
@Component
class BenchDeeds {
    private final BenchStore store;
    private final BenchStepRepository steps;
    private final Proposals proposals;
    private final Questions questions;
    private final ScoreLines lines;
    private final BenchAdvice advice;
    private final Measures measures;
    private final ClassPermission permission;
    private final JsonMapper json;

    BenchDeeds(
            BenchStore store,
            BenchStepRepository steps,
            Proposals proposals,
            Questions questions,
            ScoreLines lines,
            BenchAdvice advice,
            Measures measures,
            ClassPermission permission,
            JsonMapper json) {
        this.store = store;
        this.steps = steps;
        this.proposals = proposals;
        this.questions = questions;
        this.lines = lines;
        this.advice = advice;
        this.measures = measures;
        this.permission = permission;
        this.json = json;
    }

    /** @param keep whether new groups are really made; what is only foreseen must leave no trace */
    BenchState after(Arrangement of, Pool pool, BenchCommand command, BenchState before, boolean keep) {
        return switch (command.kind()) {
            case LOCK -> before.locked(requireInPool(pool, command), true);
            case UNLOCK -> before.locked(requireInPool(pool, command), false);
            case PLACE -> before.place(requireInPool(pool, command), Optional.ofNullable(command.groupId()));
            case PLACE_ALSO -> before.placeAlso(requireOverlap(of, requireInPool(pool, command)), groupId(command));
            case TAKE_FROM -> before.takenFrom(requireInPool(pool, command), groupId(command));
            case TAKE_PROPOSAL -> taken(of, pool, required(command.proposal(), "proposal"), before, keep);
            case TAKE_ADVICE -> advised(of, pool, before);
            case MOVE_CUT -> cutMoved(of, pool, command, before);
            case ADD_GROUP -> added(of, pool, command, before, keep);
            case RENAME -> before.renamed(groupId(command), requireName(command), nameForStudents(command));
            case NOTE ->
                before.changed(
                        groupId(command),
                        group -> group.noted(required(command.text(), "text").strip()));
            case LEAD -> before.changed(groupId(command), group -> group.ledBy(requireAdults(pool, command)));
            case NAME_FROM -> named(before, command);
            case MERGE -> before.merged(groupId(command), required(command.otherGroupId(), "otherGroupId"));
            case SPLIT -> split(of, pool, command, before, keep);
            case REMOVE_GROUP -> before.without(groupId(command));
            case RETURN_TO -> returned(of, pool, command);
            case UNDO, REDO -> throw new IllegalArgumentException(command.kind() + " needs no new state");
        };
    }

    private BenchState advised(Arrangement of, Pool pool, BenchState before) {
        long measureId = required(of.measureId, "measure");
        BenchState state = before;
        for (BenchView.Advised each :
                advice.of(of, before, questions.values(pool, measureId), measures.card(measureId))) {
            if (each.toGroupId() != null) {
                state = state.place(List.of(each.id()), Optional.of(each.toGroupId()));
            }
        }
        return state;
    }

    /** Groups of a proposal take over the groups that stand at their place, so that names and work stay with them. */
    private BenchState taken(
            Arrangement of, Pool pool, BenchCommand.ProposalAsked asked, BenchState before, boolean keep) {
        Proposals.ForBench proposed = proposals.propose(pool, asked, before);
        if (proposed.proposal() instanceof Proposal.Impossible impossible) {
            throw Refusal.unusable("no-proposal", proposals.sentence(pool, impossible.because()));
        }
        Proposal.Groups made = (Proposal.Groups) proposed.proposal();
        if (asked.fingerprint() != null && !asked.fingerprint().equals(Proposals.fingerprint(made))) {
            throw Refusal.conflict(
                    "proposal-changed",
                    "Scores, rules or students have changed since these groups were worked out. Nothing was taken; look at"
                            + " them as they are now.");
        }
        List<List<StudentId>> groups = made.groups();
        if (groups.size() > BenchState.MOST_GROUPS) {
            throw Refusal.unusable("too-many-groups", "A bench holds at most " + BenchState.MOST_GROUPS + " groups.");
        }
        BenchState state = before.emptied();
        for (int i = state.groups().size() - 1; i >= groups.size(); i--) {
            state = state.without(state.groups().get(i).id());
        }
        while (state.groups().size() < groups.size()) {
            state = state.with(newGroup(of, state, null, keep));
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

    private BenchState added(Arrangement of, Pool pool, BenchCommand command, BenchState before, boolean keep) {
        BenchState.Group made = newGroup(of, before, command.text(), keep);
        BenchState with = before.with(made);
        return command.students() == null ? with : with.place(requireInPool(pool, command), Optional.of(made.id()));
    }

    private BenchState.Group newGroup(Arrangement of, BenchState state, @Nullable String name, boolean keep) {
        String called = name == null || name.isBlank() ? GroupNames.nextAfter(state.groups()) : name.strip();
        int look = GroupNames.nextLook(of.id, state.groups());
        // A negative id can be no group's.
        return keep
                ? store.newGroup(of.id, called, look)
                : BenchState.Group.plain(-1 - state.groups().size(), called, look);
    }

    /** A cut deals the two groups beside it anew and touches no other. */
    private BenchState cutMoved(Arrangement of, Pool pool, BenchCommand command, BenchState before) {
        long lower = groupId(command);
        long upper = required(command.otherGroupId(), "otherGroupId");
        Set<Long> both = new TreeSet<>(before.membersOf(lower));
        both.addAll(before.membersOf(upper));
        both.removeAll(before.locked());
        ScoreLines.Line line = lines.of(of, pool);
        List<Scored> students = line.scored().stream()
                .filter(each -> both.contains(each.student().value()))
                .toList();
        double cut = line.sign() * required(command.cut(), "cut");
        List<List<StudentId>> dealt = CutPlacement.deal(students, List.of(cut));
        BenchState state = before.place(ids(dealt.get(0)), Optional.of(upper));
        return state.place(ids(dealt.get(1)), Optional.of(lower));
    }

    /** Those who leave get a group beside the one they leave, on the side their values say. */
    private BenchState split(Arrangement of, Pool pool, BenchCommand command, BenchState before, boolean keep) {
        long group = groupId(command);
        List<Long> members = before.membersOf(group);
        List<Scored> scored = lines.of(of, pool).scored().stream()
                .filter(each -> members.contains(each.student().value()))
                .toList();
        List<Long> leaving = command.students() == null || command.students().isEmpty()
                ? upperHalf(scored)
                : requireInPool(pool, command).stream()
                        .filter(members::contains)
                        .toList();
        if (leaving.isEmpty() || leaving.size() == members.size()) {
            throw Refusal.unusable("nothing-to-split", "Somebody has to stay in the group, and somebody to leave it.");
        }
        BenchState.Group made = newGroup(of, before, null, keep);
        boolean above = mean(scored, leaving, true) >= mean(scored, leaving, false);
        int place = before.groups().indexOf(before.group(group)) + (above ? 1 : 0);
        return before.with(made, place).placeAlso(leaving, made.id()).takenFrom(leaving, group);
    }

    private static List<Long> upperHalf(List<Scored> scored) {
        if (scored.size() < 2) {
            throw Refusal.unusable(
                    "nothing-to-split", "Fewer than two of this group have a score. Choose who is to leave it.");
        }
        Proposal halves = new SimilarScores(scored, 2, new Sizes(1, scored.size())).propose(Rules.NONE, 0);
        return ids(((Proposal.Groups) halves).groups().get(0));
    }

    private static double mean(List<Scored> scored, List<Long> leaving, boolean ofThose) {
        return scored.stream()
                .filter(each -> leaving.contains(each.student().value()) == ofThose)
                .mapToDouble(Scored::value)
                .average()
                .orElse(0);
    }

    private static BenchState named(BenchState before, BenchCommand command) {
        List<String> names = NameSets.usable(required(command.names(), "names"));
        int named = Math.min(names.size(), before.groups().size());
        for (BenchState.Group group :
                before.groups().subList(named, before.groups().size())) {
            if (names.subList(0, named).stream().anyMatch(group.name()::equalsIgnoreCase)) {
                throw Refusal.unusableField(
                        "name-taken", "names", "Another group is called \"" + group.name() + "\" already.");
            }
        }
        BenchState state = before;
        for (int i = 0; i < named; i++) {
            String name = names.get(i);
            String seen = Boolean.TRUE.equals(command.studentsSee()) ? name : null;
            state = state.changed(before.groups().get(i).id(), group -> group.called(name, seen));
        }
        return state;
    }

    /** Who has left the classes meanwhile does not come back with the state. */
    private BenchState returned(Arrangement of, Pool pool, BenchCommand command) {
        BenchStep step = steps.findByIdAndArrangementId(required(command.stepId(), "stepId"), of.id)
                .orElseThrow(() -> Refusal.notFound("step"));
        Set<Long> here = pool.students().stream().map(StudentId::value).collect(Collectors.toSet());
        return json.readValue(step.stateAfter, BenchState.class).onlyWith(here);
    }

    private static List<Long> ids(List<StudentId> students) {
        return students.stream().map(StudentId::value).toList();
    }

    private static List<Long> requireInPool(Pool pool, BenchCommand command) {
        List<Long> students = required(command.students(), "students");
        if (!students.stream().map(StudentId::new).allMatch(pool.students()::contains)) {
            throw Refusal.notFound("student");
        }
        return students;
    }

    private static List<Long> requireOverlap(Arrangement of, List<Long> students) {
        if (!of.overlap) {
            throw Refusal.unusable(
                    "no-overlap", "Here everyone is in one group. The details of the arrangement can allow several.");
        }
        return students;
    }

    private List<Long> requireAdults(Pool pool, BenchCommand command) {
        List<Long> adults = required(command.adults(), "adults");
        Set<Long> known = new TreeSet<>();
        permission.adultsOf(pool.classIds()).values().forEach(of -> known.addAll(of.keySet()));
        if (!known.containsAll(adults)) {
            throw Refusal.unusableField("not-here", "adults", "Only adults of the class can lead its groups.");
        }
        return adults;
    }

    private static String requireName(BenchCommand command) {
        String name = required(command.text(), "text").strip();
        if (name.isEmpty() || name.length() > 60) {
            throw Refusal.unusableField("bad-name", "text", "A group's name has 1 to 60 letters.");
        }
        return name;
    }

    private static @Nullable String nameForStudents(BenchCommand command) {
        return command.studentName() == null || command.studentName().isBlank()
                ? null
                : command.studentName().strip();
    }

    private static long groupId(BenchCommand command) {
        return required(command.groupId(), "groupId");
    }

    private static <T> T required(@Nullable T value, String field) {
        if (value == null) {
            throw Refusal.unusableField("missing-field", field, "This step needs \"" + field + "\".");
        }
        return Objects.requireNonNull(value);
    }
}
