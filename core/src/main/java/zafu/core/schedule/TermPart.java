package zafu.core.schedule;

/** One of the terms that an adjustment can ease. */
public enum TermPart {
    MINUTES,
    OPENS,
    DUE,
    CLOSES,
    TRIES
}
