/**
 * Measures, the value that counts, bands, and reading a score as a person typed it. Rule 1 in docs/rules.md.
 */
@NullMarked
package zafu.core.measure;

import org.jspecify.annotations.NullMarked;
