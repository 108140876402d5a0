/**
 * How students' values of a measure move over time, and where they are to be.
 */
@NullMarked
package zafu.server.growth;

import org.jspecify.annotations.NullMarked;
