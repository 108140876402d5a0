/**
 * Measures, their cuts, and what was observed of students.
 */
@NullMarked
package zafu.server.measure;

import org.jspecify.annotations.NullMarked;
