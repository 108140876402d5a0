/**
 * Questions, answers and the marks they earn. Rule 6 in docs/rules.md.
 */
@NullMarked
package zafu.core.marking;

import org.jspecify.annotations.NullMarked;
