package zafu.core.mark;

/** How a student's work on one task stands when marks are added up. */
public sealed interface Standing {
    /** @param earned points, from 0; may exceed what was possible where a teacher gave more */
    record Marked(double earned) implements Standing {}

    /** Handed in and to be marked by a person. */
    record Waiting() implements Standing {}

    /** Past due and not handed in. */
    record Missing() implements Standing {}

    /** Need not be done, or does not count for this student, whatever was earned. */
    record Excused() implements Standing {}

    /** Not due yet. */
    record Open() implements Standing {}

    /** The student has no version of the task. */
    record NotTheirs() implements Standing {}
}
