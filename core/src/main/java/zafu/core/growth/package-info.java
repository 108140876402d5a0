/**
 * How values of a measure move over time, against an aim. Rule 7 in docs/rules.md.
 */
@NullMarked
package zafu.core.growth;

import org.jspecify.annotations.NullMarked;
