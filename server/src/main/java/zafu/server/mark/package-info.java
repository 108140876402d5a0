/**
 * What work comes to: categories, weights, what counts, and how a mark came about.
 */
@NullMarked
package zafu.server.mark;

import org.jspecify.annotations.NullMarked;
