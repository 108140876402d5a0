package zafu.core.targeting;

/** One version of a task; the base counts as a version when it is given to somebody. */
public record VersionId(long value) {}
