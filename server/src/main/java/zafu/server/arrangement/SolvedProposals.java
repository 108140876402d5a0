package zafu.server.arrangement;

import java.util.LinkedHashMap;
import java.util.Map;
import org.springframework.stereotype.Component;
import zafu.core.grouping.GroupingMethod;
import zafu.core.grouping.Proposal;
import zafu.core.grouping.Rules;

/**
 * Proposals that were worked out a moment ago. Looking at groups, foreseeing what they do, taking them and asking why are one
 * question, with the same answer for the same scores, rules and lots: it is solved once. Nothing here can be stale, because
 * all that an answer depends on is part of its question.
 */
@Component
class SolvedProposals {
    private static final int KEPT = 64;
    private final Map<Asked, Proposal> kept = new LinkedHashMap<>(KEPT, 0.75f, true) {
        @Override
        protected boolean removeEldestEntry(Map.Entry<Asked, Proposal> eldest) {
            return size() > KEPT;
        }
    };

    private record Asked(GroupingMethod method, Rules rules, long seed) {}

    Proposal propose(GroupingMethod method, Rules rules, long seed) {
        Asked asked = new Asked(method, rules, seed);
        synchronized (kept) {
            Proposal known = kept.get(asked);
            if (known != null) {
                return known;
            }
        }
        Proposal made = method.propose(rules, seed);
        synchronized (kept) {
            kept.put(asked, made);
        }
        return made;
    }
}
