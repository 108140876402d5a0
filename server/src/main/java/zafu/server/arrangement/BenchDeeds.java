package zafu.server.arrangement;

import static zafu.server.platform.Words.inWords;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchState;
import zafu.core.bench.CannotBeDone;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.Scored;
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
    private final BenchStates kept;

    BenchDeeds(
            BenchStore store,
            BenchStepRepository steps,
            Proposals proposals,
            Questions questions,
            ScoreLines lines,
            BenchAdvice advice,
            Measures measures,
            ClassPermission permission,
            BenchStates kept) {
        this.store = store;
        this.steps = steps;
        this.proposals = proposals;
        this.questions = questions;
        this.lines = lines;
        this.advice = advice;
        this.measures = measures;
        this.permission = permission;
        this.kept = kept;
    }

    /**
     * @param keep whether new groups are really made; what is only foreseen must leave no trace
     * @throws Refusal where it cannot be done
     */
    BenchState after(Arrangement of, Pool pool, BenchCommand.Deed deed, BenchState before, boolean keep) {
        return refusing(() -> deed.by(new After(of, pool, before, keep)));
    }

    /** What cannot be done to a bench is refused in a sentence. */
    static <T> T refusing(Supplier<T> asked) {
        try {
            return asked.get();
        } catch (CannotBeDone why) {
            throw refusal(why);
        }
    }

    private static Refusal refusal(CannotBeDone why) {
        return switch (why.because()) {
            case NO_SUCH_GROUP -> Refusal.notFound("group");
            case NOT_PLACED -> Refusal.unusable("not-placed", inWords("arrangement.only-who-is-in-a-group-can-be"));
            case TOO_MANY_GROUPS ->
                Refusal.unusable(
                        "too-many-groups",
                        inWords("arrangement.a-grouping-holds-at-most-groups", "most", BenchState.MOST_GROUPS));
            case NAME_TAKEN ->
                Refusal.unusableField(
                        "name-taken",
                        "text",
                        inWords("arrangement.another-group-is-called-already", "name", why.name()));
            case SAME_GROUP -> Refusal.unusable("same-group", inWords("arrangement.a-group-cannot-be-merged-with"));
            case NOTHING_TO_SPLIT ->
                Refusal.unusable("nothing-to-split", inWords("arrangement.at-least-one-student-must-stay-in"));
            case TOO_FEW_SCORES ->
                Refusal.unusable("nothing-to-split", inWords("arrangement.fewer-than-two-of-this-group-have"));
        };
    }

    /** What each deed makes of one bench. */
    private final class After implements BenchCommand.Deeds<BenchState> {
        private final Arrangement of;
        private final Pool pool;
        private final BenchState before;
        private final boolean keep;

        After(Arrangement of, Pool pool, BenchState before, boolean keep) {
            this.of = of;
            this.pool = pool;
            this.before = before;
            this.keep = keep;
        }

        @Override
        public BenchState placeInto(BenchCommand.PlaceInto deed) {
            return before.place(inPool(deed.students()), Optional.ofNullable(deed.groupId()));
        }

        @Override
        public BenchState placeAlso(BenchCommand.PlaceAlso deed) {
            if (!of.overlap) {
                throw Refusal.unusable("no-overlap", inWords("arrangement.each-student-is-in-one-group-here"));
            }
            return before.placeAlso(inPool(deed.students()), deed.groupId());
        }

        @Override
        public BenchState takeFrom(BenchCommand.TakeFrom deed) {
            return before.takenFrom(inPool(deed.students()), deed.groupId());
        }

        @Override
        public BenchState takeProposal(BenchCommand.TakeProposal deed) {
            BenchCommand.ProposalAsked asked = deed.proposal();
            Proposals.ForBench proposed = proposals.propose(pool, asked, before);
            List<List<StudentId>> groups = asSeen(pool, asked, proposed).groups();
            BenchState state = before.emptied();
            for (int i = state.groups().size() - 1; i >= groups.size(); i--) {
                state = state.without(state.groups().get(i).id());
            }
            while (state.groups().size() < groups.size()) {
                state = state.with(newGroup(state, null));
            }
            state = state.dealt(groups);
            for (int i = 0; i < proposed.names().size(); i++) {
                state = state.calledIfFree(
                        state.groups().get(i).id(), proposed.names().get(i));
            }
            return state;
        }

        @Override
        public BenchState takeAdvice(BenchCommand.TakeAdvice deed) {
            if (of.measureId == null) {
                throw Refusal.conflict("no-measure", inWords("arrangement.this-grouping-has-no-measure-to"));
            }
            BenchState state = before;
            for (BenchView.Advised each :
                    advice.of(of, before, questions.values(pool, of.measureId), measures.card(of.measureId))) {
                if (each.toGroupId() != null) {
                    state = state.place(List.of(each.id()), Optional.of(each.toGroupId()));
                }
            }
            return state;
        }

        @Override
        public BenchState moveCut(BenchCommand.MoveCut deed) {
            ScoreLines.Line line = lines.of(of, pool);
            return before.dealtByCut(
                    deed.groupId(), deed.otherGroupId(), line.better().rising(deed.cut()), line.scored());
        }

        @Override
        public BenchState addGroup(BenchCommand.AddGroup deed) {
            BenchState.Group made = newGroup(before, deed.text());
            BenchState with = before.with(made);
            return deed.students() == null ? with : with.place(inPool(deed.students()), Optional.of(made.id()));
        }

        private BenchState.Group newGroup(BenchState state, @Nullable String name) {
            String called = name == null || name.isBlank() ? GroupNames.nextAfter(state.groups()) : requireName(name);
            int look = GroupNames.nextLook(of.id, state.groups());
            // A negative id can be no group's.
            return keep
                    ? store.newGroup(of.id, called, look)
                    : BenchState.Group.plain(-1 - state.groups().size(), called, look);
        }

        @Override
        public BenchState rename(BenchCommand.Rename deed) {
            String seen = deed.studentName() == null || deed.studentName().isBlank()
                    ? null
                    : deed.studentName().strip();
            return before.renamed(deed.groupId(), requireName(deed.text()), seen);
        }

        @Override
        public BenchState lock(BenchCommand.Lock deed) {
            return before.locked(inPool(deed.students()), true);
        }

        @Override
        public BenchState unlock(BenchCommand.Unlock deed) {
            return before.locked(inPool(deed.students()), false);
        }

        @Override
        public BenchState writeNote(BenchCommand.WriteNote deed) {
            return before.changed(
                    deed.groupId(), group -> group.noted(deed.text().strip()));
        }

        @Override
        public BenchState leadBy(BenchCommand.LeadBy deed) {
            Set<Long> known = new TreeSet<>();
            permission.adultsOf(pool.classIds()).values().forEach(each -> known.addAll(each.keySet()));
            if (!known.containsAll(deed.adults())) {
                throw Refusal.unusableField(
                        "not-here", "adults", inWords("arrangement.only-adults-of-the-class-can-lead"));
            }
            return before.changed(deed.groupId(), group -> group.ledBy(deed.adults()));
        }

        @Override
        public BenchState nameFrom(BenchCommand.NameFrom deed) {
            List<String> names = NameSets.usable(deed.names());
            int named = Math.min(names.size(), before.groups().size());
            for (BenchState.Group group :
                    before.groups().subList(named, before.groups().size())) {
                if (names.subList(0, named).stream().anyMatch(group.name()::equalsIgnoreCase)) {
                    throw Refusal.unusableField(
                            "name-taken",
                            "names",
                            inWords("arrangement.another-group-is-called-already", "name", group.name()));
                }
            }
            BenchState state = before;
            for (int i = 0; i < named; i++) {
                String name = names.get(i);
                String seen = Boolean.TRUE.equals(deed.studentsSee()) ? name : null;
                state = state.changed(before.groups().get(i).id(), group -> group.called(name, seen));
            }
            return state;
        }

        @Override
        public BenchState merge(BenchCommand.Merge deed) {
            return before.merged(deed.groupId(), deed.otherGroupId());
        }

        @Override
        public BenchState split(BenchCommand.Split deed) {
            List<Scored> scored = lines.of(of, pool).scored();
            List<Long> members = before.membersOf(deed.groupId());
            List<Long> leaving = deed.students() == null || deed.students().isEmpty()
                    ? before.upperHalf(deed.groupId(), scored)
                    : inPool(deed.students()).stream().filter(members::contains).toList();
            return before.split(deed.groupId(), leaving, newGroup(before, null), scored);
        }

        @Override
        public BenchState removeGroup(BenchCommand.RemoveGroup deed) {
            return before.without(deed.groupId());
        }

        /** Who has left the classes meanwhile does not come back with the state. */
        @Override
        public BenchState returnTo(BenchCommand.ReturnTo deed) {
            BenchStep step =
                    steps.findByIdAndArrangementId(deed.stepId(), of.id).orElseThrow(() -> Refusal.notFound("step"));
            Set<Long> here = pool.students().stream().map(StudentId::value).collect(Collectors.toSet());
            return kept.read(step.stateAfter).onlyWith(here);
        }

        private List<Long> inPool(List<Long> students) {
            if (!students.stream().map(StudentId::new).allMatch(pool.students()::contains)) {
                throw Refusal.notFound("student");
            }
            return students;
        }
    }

    /** A longer name, as that of an arrangement, cut so that a group can have it. */
    static String asGroupName(String name) {
        return name.length() <= BenchState.LONGEST_NAME
                ? name
                : name.substring(0, BenchState.LONGEST_NAME - 1).strip() + "…";
    }

    private static String requireName(String typed) {
        String name = typed.strip();
        if (name.isEmpty() || name.length() > BenchState.LONGEST_NAME) {
            throw Refusal.unusableField(
                    "bad-name",
                    "text",
                    inWords("arrangement.a-groups-name-has-to-letters", "most", BenchState.LONGEST_NAME));
        }
        return name;
    }

    /** What is taken is what was seen, where the person had seen it. */
    private Proposal.Groups asSeen(Pool pool, BenchCommand.ProposalAsked asked, Proposals.ForBench proposed) {
        if (proposed.proposal() instanceof Proposal.Impossible impossible) {
            throw Refusal.unusable("no-proposal", proposals.sentence(pool, impossible.because()));
        }
        Proposal.Groups made = (Proposal.Groups) proposed.proposal();
        if (asked.fingerprint() != null && !asked.fingerprint().equals(Proposals.fingerprint(made))) {
            throw Refusal.conflict("proposal-changed", inWords("arrangement.scores-rules-or-students-have"));
        }
        if (made.groups().size() > BenchState.MOST_GROUPS) {
            throw Refusal.unusable(
                    "too-many-groups",
                    inWords("arrangement.a-grouping-holds-at-most-groups", "most", BenchState.MOST_GROUPS));
        }
        return made;
    }
}
