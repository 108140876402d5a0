package zafu.core.marking;

import java.util.List;
import java.util.Map;
import java.util.SortedSet;

/** What a student gave as an answer. Places count from 0 in the order of the question, whatever order was shown. */
public sealed interface Answer {
    /** The place of the chosen option. */
    record Chosen(int option) implements Answer {}

    /** The places of all that were chosen: options, or words of a text. */
    record ChosenSet(SortedSet<Integer> options) implements Answer {}

    /** The places of the parts in the order in which the student put them. */
    record Ordered(List<Integer> parts) implements Answer {}

    /** For each place on the left the place on the right that was put beside it. */
    record Matched(Map<Integer, Integer> pairs) implements Answer {}

    /** What stands in each blank, in their order; an empty text where nothing does. */
    record Filled(List<String> blanks) implements Answer {}

    /** Text as typed. */
    record Typed(String text) implements Answer {}
}
