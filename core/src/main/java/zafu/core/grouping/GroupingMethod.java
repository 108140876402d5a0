package zafu.core.grouping;

import java.util.List;

/**
 * One way to form groups. The same input always gives the same proposal, whatever the order of the list.
 * Each method is one implementing record that carries what it was asked for (number of groups, cuts, …).
 */
public interface GroupingMethod {
    /**
     * @param students those with a value that counts; each at most once
     */
    Proposal propose(List<Scored> students);
}
