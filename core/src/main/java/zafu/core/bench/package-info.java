/**
 * Groups as they stand at one moment, and what each thing a teacher does makes of them. A value that never changes: every deed
 * makes a new one, so that undoing is going back to the one before.
 */
@NullMarked
package zafu.core.bench;

import org.jspecify.annotations.NullMarked;
