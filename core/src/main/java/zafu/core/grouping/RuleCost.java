package zafu.core.grouping;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * What one rule costs: the method's cost with all rules, and with all but this one. Rule 2, explanations.
 *
 * @param rule a lock, a keep-together set or a keep-apart pair, alone
 */
public record RuleCost(Rules rule, double with, double without) {
    /** Differences the search makes by itself are not the rule's. */
    private static final double SEARCH_NOISE = 1e-6;

    /** Each rule of a proposal that was made under all of them; one that leaves nothing without it is passed over. */
    public static List<RuleCost> of(GroupingMethod method, Rules rules, long seed, Proposal.Groups made) {
        List<Rules> parts = Clashes.partsOf(rules);
        List<RuleCost> costs = new ArrayList<>();
        for (int i = 0; i < parts.size(); i++) {
            List<Rules> others = new ArrayList<>(parts);
            Rules rule = others.remove(i);
            others.add(new Rules(Map.of(), List.of(), List.of(), rules.wishes()));
            if (method.propose(Clashes.joined(others), seed) instanceof Proposal.Groups free) {
                costs.add(new RuleCost(rule, made.cost(), free.cost()));
            }
        }
        return costs;
    }

    /** By which share of the cost without it the rule raises the cost: 0.03 is 3 %. */
    public double share() {
        double more = with - without;
        if (more <= SEARCH_NOISE * Math.max(1, Math.abs(with))) {
            return 0;
        }
        return without <= 0 ? 1 : more / without;
    }
}
