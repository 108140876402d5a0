package zafu.server.arrangement;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchState;
import zafu.core.grouping.BandGroups;
import zafu.core.grouping.Choices;
import zafu.core.grouping.Composite;
import zafu.core.grouping.GroupingMethod;
import zafu.core.grouping.Mixed;
import zafu.core.grouping.NextBest;
import zafu.core.grouping.Profiles;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.RuleCost;
import zafu.core.grouping.Rules;
import zafu.core.grouping.SameSize;
import zafu.core.grouping.Scored;
import zafu.core.grouping.SimilarScores;
import zafu.core.grouping.WhyHere;
import zafu.core.measure.Better;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.ArrangementApi.GroupMean;
import zafu.server.arrangement.ArrangementApi.Reasons;
import zafu.server.arrangement.ArrangementApi.RuleTold;
import zafu.server.arrangement.ArrangementApi.StudentWhy;
import zafu.server.arrangement.BenchCommand.ProposalAsked;
import zafu.server.arrangement.BenchView.RuleKind;

/** Explains a proposal: what each rule costs, why each student is where they are, and what else there was. */
@Component
class ProposalReasons {
    private final Proposals proposals;
    private final Questions questions;

    ProposalReasons(Proposals proposals, Questions questions) {
        this.proposals = proposals;
        this.questions = questions;
    }

    Reasons of(Pool pool, ProposalAsked asked, BenchState bench) {
        Proposals.Answered answered = proposals.answer(pool, asked, bench);
        if (!(answered.proposal() instanceof Proposal.Groups made)) {
            return new Reasons(List.of(), List.of(), List.of());
        }
        GroupingMethod method = answered.question().method();
        List<RuleTold> rules = RuleCost.of(method, answered.rules(), answered.seed(), made).stream()
                .map(ProposalReasons::told)
                .toList();
        int last = answered.question().bestFirst() ? made.groups().size() - 1 : -1;
        return new Reasons(
                rules,
                students(method, made, answered.rules(), questions.better(asked.measureId())).stream()
                        .map(each -> onBench(each, last))
                        .toList(),
                means(pool, asked, made));
    }

    private static RuleTold told(RuleCost cost) {
        Rules rule = cost.rule();
        if (!rule.locked().isEmpty()) {
            return new RuleTold(RuleKind.LOCKED, ids(rule.locked().keySet()), cost.share());
        }
        return rule.together().isEmpty()
                ? new RuleTold(
                        RuleKind.APART,
                        ids(List.of(
                                rule.apart().get(0).one(), rule.apart().get(0).other())),
                        cost.share())
                : new RuleTold(RuleKind.TOGETHER, ids(rule.together().get(0)), cost.share());
    }

    private static List<Long> ids(Iterable<StudentId> students) {
        List<Long> ids = new ArrayList<>();
        students.forEach(each -> ids.add(each.value()));
        return ids.stream().sorted().toList();
    }

    private static List<StudentWhy> students(GroupingMethod method, Proposal.Groups made, Rules rules, Better better) {
        Map<StudentId, Double> values = new LinkedHashMap<>();
        if (method instanceof SimilarScores similar) {
            put(values, similar.students(), better);
        } else if (method instanceof BandGroups bands) {
            put(values, bands.students(), better);
        } else if (method instanceof SameSize even) {
            put(values, even.students(), better);
        } else if (method instanceof Composite composite) {
            values.putAll(composite.values());
        } else if (method instanceof Mixed mixed) {
            return searched(mixed.nextBest(made), rules);
        } else if (method instanceof Profiles profiles) {
            return searched(profiles.nextBest(made), rules);
        } else {
            return plain(method, made, rules);
        }
        return WhyHere.of(made.groups(), values).stream()
                .map(why -> new StudentWhy(
                        why.student().value(),
                        why.group(),
                        rules.locked().containsKey(why.student()),
                        why.value(),
                        why.ownMean(),
                        why.next().isPresent() ? (Integer) why.next().getAsInt() : null,
                        why.next().isPresent() ? (Double) why.nextMean() : null,
                        why.isKeptFromNearer(),
                        null,
                        null,
                        null))
                .toList();
    }

    private static List<StudentWhy> searched(List<NextBest> reasons, Rules rules) {
        return reasons.stream()
                .map(why -> new StudentWhy(
                        why.student().value(),
                        why.group(),
                        rules.locked().containsKey(why.student()),
                        null,
                        null,
                        why.next(),
                        null,
                        why.rise() < 0,
                        why.inExchange().map(StudentId::value).orElse(null),
                        Double.isFinite(why.rise()) ? (Double) Math.abs(why.rise()) : null,
                        null))
                .toList();
    }

    private List<GroupMean> means(Pool pool, ProposalAsked asked, Proposal.Groups made) {
        if (asked.measures() == null || asked.method() == Method.COMPOSITE) {
            return List.of();
        }
        List<GroupMean> means = new ArrayList<>();
        for (BenchCommand.MeasureWeight each : asked.measures()) {
            Map<StudentId, Double> values = Questions.counting(questions.values(pool, each.measureId()));
            for (int g = 0; g < made.groups().size(); g++) {
                int group = g;
                made.groups().get(g).stream()
                        .filter(values::containsKey)
                        .mapToDouble(values::get)
                        .average()
                        .ifPresent(mean -> means.add(new GroupMean(group, each.measureId(), mean)));
            }
        }
        return means;
    }

    private static void put(Map<StudentId, Double> values, List<Scored> scored, Better better) {
        scored.forEach(each -> values.put(each.student(), better.rising(each.value())));
    }

    private static List<StudentWhy> plain(GroupingMethod method, Proposal.Groups made, Rules rules) {
        List<StudentWhy> reasons = new ArrayList<>();
        for (int g = 0; g < made.groups().size(); g++) {
            for (StudentId student : made.groups().get(g)) {
                Integer choice = method instanceof Choices choices ? choiceOf(choices, student, g) : null;
                reasons.add(new StudentWhy(
                        student.value(),
                        g,
                        rules.locked().containsKey(student),
                        null,
                        null,
                        null,
                        null,
                        false,
                        null,
                        null,
                        choice));
            }
        }
        return reasons;
    }

    private static @Nullable Integer choiceOf(Choices choices, StudentId student, int option) {
        int place = choices.ranked().get(student).indexOf(option);
        return place < 0 ? null : place + 1;
    }

    /** @param last the place of the last group where the bench shows them the other way round; else −1 */
    private static StudentWhy onBench(StudentWhy why, int last) {
        return last < 0
                ? why
                : new StudentWhy(
                        why.id(),
                        last - why.group(),
                        why.locked(),
                        why.value(),
                        why.ownMean(),
                        why.next() == null ? null : last - why.next(),
                        why.nextMean(),
                        why.keptFromNearer(),
                        why.inExchange(),
                        why.rise(),
                        why.choice());
    }
}
