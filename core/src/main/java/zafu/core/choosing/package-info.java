/**
 * Choosing what to give: which level suits a group, and in which order what was found is shown. Rule 8 in docs/rules.md.
 */
@NullMarked
package zafu.core.choosing;

import org.jspecify.annotations.NullMarked;
