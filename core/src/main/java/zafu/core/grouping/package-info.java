/**
 * Forming groups: one method per file behind {@link zafu.core.grouping.GroupingMethod}. Rule 2 in docs/rules.md.
 */
@NullMarked
package zafu.core.grouping;

import org.jspecify.annotations.NullMarked;
