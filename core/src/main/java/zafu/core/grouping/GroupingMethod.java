package zafu.core.grouping;

/**
 * One way to form groups, with the students and all that was asked for in it. The same question, rules and seed
 * always give the same proposal, whatever the order of the students.
 */
public interface GroupingMethod {
    /** Groups that keep every rule, or the contradiction in what was asked. */
    Proposal propose(Rules rules, long seed);

    /** Without rules. */
    default Proposal propose() {
        return propose(Rules.NONE, 0);
    }
}
