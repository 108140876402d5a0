package zafu.core.mark;

/**
 * One task as it enters a student's marks.
 *
 * @param id of the task
 * @param category of which it is a part
 * @param possible points, from 0
 * @param counts whether the task counts toward the mark at all
 */
public record MarkItem(long id, long category, double possible, InSum inSum, boolean counts) {}
