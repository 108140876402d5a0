/**
 * What students need and when it is in force: accommodations, and what they add up to for a piece of work. Rule 4 in
 * docs/rules.md.
 */
@NullMarked
package zafu.core.need;

import org.jspecify.annotations.NullMarked;
