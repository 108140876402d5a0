/**
 * Teaching days, extra days and time limits. Rule 4 in docs/rules.md.
 */
@NullMarked
package zafu.core.schedule;

import org.jspecify.annotations.NullMarked;
