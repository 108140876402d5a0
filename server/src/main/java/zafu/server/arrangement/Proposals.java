package zafu.server.arrangement;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;
import zafu.core.bench.BenchState;
import zafu.core.grouping.Choices;
import zafu.core.grouping.Contradiction;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.Rules;
import zafu.core.roster.StudentId;
import zafu.server.arrangement.BenchCommand.ProposalAsked;
import zafu.server.wish.PairRules;

/** Asks the core for a proposal under the rules of the class and the locks of the bench. */
@Component
class Proposals {
    private final Questions questions;
    private final PairRules pairRules;
    private final SolvedProposals solved;

    Proposals(Questions questions, PairRules pairRules, SolvedProposals solved) {
        this.questions = questions;
        this.pairRules = pairRules;
        this.solved = solved;
    }

    /** Tells groups that were seen from others, whoever is in which, in the order of the bench. */
    static String fingerprint(Proposal.Groups made) {
        String said = made.groups() + " without " + made.leftOut();
        return UUID.nameUUIDFromBytes(said.getBytes(StandardCharsets.UTF_8)).toString();
    }

    /**
     * @param proposal its groups in the order in which they stand on the bench
     * @param names of those groups; empty where they have none of their own
     * @param granted of choices: how many got their first, second, … choice, and last those who got none of theirs
     */
    record ForBench(Proposal proposal, List<String> names, List<Integer> granted) {}

    ForBench propose(Pool pool, ProposalAsked asked, BenchState bench) {
        Answered answered = answer(pool, asked, bench);
        Questions.Question question = answered.question();
        Proposal proposal = answered.proposal();
        List<Integer> granted =
                question.method() instanceof Choices choices && proposal instanceof Proposal.Groups groups
                        ? choices.granted(groups)
                        : List.of();
        return question.bestFirst()
                ? new ForBench(turned(proposal), reversed(question.names()), granted)
                : new ForBench(proposal, question.names(), granted);
    }

    /** The question, the rules it stands under and what was answered, before anything is turned for the bench. */
    record Answered(Questions.Question question, Rules rules, long seed, Proposal proposal) {}

    Answered answer(Pool pool, ProposalAsked asked, BenchState bench) {
        Questions.Question question = questions.of(pool, asked);
        long seed = asked.seed() == null ? 0 : asked.seed();
        Proposal free = solved.propose(question.method(), Rules.NONE, seed);
        if (!(free instanceof Proposal.Groups groups)) {
            return new Answered(question, Rules.NONE, seed, free);
        }
        Rules rules = rules(pool, bench, question, groups.groups().size());
        Proposal proposal = rules.isEmpty() ? free : solved.propose(question.method(), rules, seed);
        return new Answered(question, rules, seed, proposal);
    }

    /** A lock names a group by its place on the bench, which is the place in the answer, or the same from its end. */
    private Rules rules(Pool pool, BenchState bench, Questions.Question question, int groups) {
        Map<StudentId, Integer> locked = new LinkedHashMap<>();
        for (int place = 0; place < bench.groups().size(); place++) {
            for (long member : bench.membersOf(bench.groups().get(place).id())) {
                if (bench.locked().contains(member)) {
                    boolean turned = question.bestFirst() && place < groups;
                    locked.put(new StudentId(member), turned ? groups - 1 - place : place);
                }
            }
        }
        Rules pairs = pairRules.of(pool.classIds());
        return new Rules(locked, pairs.together(), pairs.apart(), pairs.wishes());
    }

    private static Proposal turned(Proposal proposal) {
        return proposal instanceof Proposal.Groups groups
                ? new Proposal.Groups(reversed(groups.groups()), groups.leftOut(), groups.cost(), groups.fit())
                : proposal;
    }

    private static <T> List<T> reversed(List<T> list) {
        List<T> turned = new ArrayList<>(list);
        Collections.reverse(turned);
        return turned;
    }

    String sentence(Pool pool, Contradiction contradiction) {
        return new ContradictionWords(pool.names()).of(contradiction);
    }
}
