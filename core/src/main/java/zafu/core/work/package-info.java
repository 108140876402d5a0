/**
 * A student's attempt: which of several copies of an answer counts. Rule 10 in docs/rules.md.
 */
@NullMarked
package zafu.core.work;

import org.jspecify.annotations.NullMarked;
