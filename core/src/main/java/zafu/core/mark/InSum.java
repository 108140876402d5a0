package zafu.core.mark;

/** As what a student's work on one task enters the sum of a mark. */
public sealed interface InSum {
    /** @param earned points, from 0; may exceed what was possible where a teacher gave more */
    record Marked(double earned) implements InSum {}

    /** Handed in and to be marked by a person. */
    record Waiting() implements InSum {}

    /** Past due and not handed in. */
    record Missing() implements InSum {}

    /** Need not be done, or does not count for this student, whatever was earned. */
    record Excused() implements InSum {}

    /** Not due yet. */
    record Open() implements InSum {}

    /** The student has no version of the task. */
    record NotTheirs() implements InSum {}
}
