package zafu.server.task;

import java.util.Set;

/**
 * The terms of a task have changed and a teacher wants running tries to have them too.
 *
 * @param students whose tries; empty for all
 */
public record WorkTermsChanged(long taskId, Set<Long> students) {}
