package zafu.core.marking;

/** What a student gave as an answer. */
public sealed interface Answer {
    /** The place of the chosen option, from 0. */
    record Chosen(int option) implements Answer {}

    /** Text as typed, for numeric and short answers. */
    record Typed(String text) implements Answer {}
}
