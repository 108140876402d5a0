/**
 * A student's work at a task: where it stands, which attempt counts, and which of several copies of an answer. Rules 5a and
 * 10 in docs/rules.md.
 */
@NullMarked
package zafu.core.work;

import org.jspecify.annotations.NullMarked;
