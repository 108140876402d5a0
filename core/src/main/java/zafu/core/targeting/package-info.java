/**
 * Who gets which version of a task, and what a move does to open work. Rule 3 in docs/rules.md.
 */
@NullMarked
package zafu.core.targeting;

import org.jspecify.annotations.NullMarked;
