/**
 * What a student's work comes to: what counts, by how much, and why. Rule 6 in docs/rules.md.
 */
@NullMarked
package zafu.core.mark;

import org.jspecify.annotations.NullMarked;
