package zafu.core.schedule;

/**
 * Terms eased for some apart from the version, as they reach one student. Rule 3.
 *
 * @param byName typed for the student by name: its time limit stands as it is, beats the rest and is not multiplied
 * @param sets the terms it eases
 */
public record Adjustment(boolean byName, OwnTerms sets) {}
