package zafu.core.marking;

/** How a question that turned out to be unfair no longer decides a result. Rule 5a. */
public enum TakenOut {
    /** Everyone who was asked has all of its points, whatever they answered. */
    FULL_POINTS,
    /** Its points are neither earned nor possible. */
    NOT_COUNTED
}
