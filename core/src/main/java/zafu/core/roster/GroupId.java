package zafu.core.roster;

/** One group of one arrangement. */
public record GroupId(long value) {}
